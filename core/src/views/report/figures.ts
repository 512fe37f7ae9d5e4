import type { WeighedReason } from '../../diagnosis/decision/index.ts';
import type { Figure } from '../../diagnosis/evidence/index.ts';
import {
  sayDuration,
  sayNumber,
  sayQuantity,
  sayRise,
  sayTemperature,
} from '../../facts/quantities/index.ts';
import { hasBar } from '../panelDrawings/index.ts';
import type { ReportFigure } from './schema.ts';
import * as messages from './messages.ts';

/** Figures in words for a reader who is not an electrician. */
const FIGURE_WORDS: Record<string, string> = {
  face: messages.breakerFace,
  terminal: messages.breakerTerminal,
  'above similar breakers': messages.comparedWithSimilarBreakers,
  ambient: messages.ambient,
  ampacity: messages.wireAmpacity,
  breaker: messages.breakerRating,
  demand: messages.calculatedLoad,
  'voltage drop across the breaker': messages.voltageDropAcrossTheBreaker,
  current: messages.current,
  'connected load': messages.connectedLoad,
  'share of rating': messages.shareOfRating,
  'tripped after': messages.trippedAfter,
  'lowest steady current that trips it': messages.tripsFromSteadyCurrent,
  outlet: messages.voltageAtTheOutlet,
  'leg A to neutral': messages.legAToNeutral,
  'leg B to neutral': messages.legBToNeutral,
  'load terminal': messages.voltageAtItsTerminal,
  'load terminal, first pole': messages.voltageAtItsFirstPole,
  'load terminal, second pole': messages.voltageAtItsSecondPole,
};

function sayFigure(value: number, unit: Figure['unit']): string {
  switch (unit) {
    case '°C':
      return sayTemperature(value);
    case 'Δ°C':
      return `${value > 0 ? '+' : ''}${sayRise(value)}`;
    case 's':
      return sayDuration(value);
    case '%':
      return `${sayNumber(value, 0)}%`;
    default:
      return sayQuantity(value, unit);
  }
}

/** The figures behind some reasons, each once. */
export function figuresOf(reasons: readonly Pick<WeighedReason, 'figures'>[]): ReportFigure[] {
  const seen = new Set<string>();
  return reasons
    .flatMap(({ figures }) => figures)
    .filter(({ label }) => !seen.has(label) && seen.add(label))
    .map(({ label, value, unit, limit }) => ({
      label: FIGURE_WORDS[label] ?? label,
      value: sayFigure(value, unit),
      limit: limit === undefined ? null : sayFigure(limit, unit),
      // The limit of a voltage may be its least: past the line would not be over it.
      bar: limit !== undefined && unit !== 'V' && hasBar({ value, limit }) ? { value, limit } : null,
    }));
}
