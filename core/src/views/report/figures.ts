import type { WeighedReason } from '../../diagnosis/decision/index.ts';
import type { Figure } from '../../diagnosis/evidence/index.ts';
import {
  sayDuration,
  sayNumber,
  sayQuantity,
  sayRise,
  sayTemperature,
} from '../../facts/quantities/index.ts';
import type { ReportFigure } from './schema.ts';

/** Figures in words for a reader who is not an electrician. */
const FIGURE_WORDS: Record<string, string> = {
  face: 'Face of the breaker',
  terminal: 'Terminal of the breaker',
  'over similar breakers': 'Against similar breakers',
  ambient: 'Air beside it',
  ampacity: 'The wire may carry',
  breaker: 'Its breaker is rated',
  demand: 'Load it has to carry',
  'across it': 'Voltage lost across it',
  current: 'Current',
  'connected load': 'Connected load',
  'share of rating': 'Share of its rating',
  'tripped after': 'It tripped after',
  'opens from, steady': 'It opens from, steady',
  outlet: 'Voltage at the outlet',
  'leg A to neutral': 'Leg A to neutral',
  'leg B to neutral': 'Leg B to neutral',
  'load terminal': 'Voltage at its terminal',
  'load terminal, first pole': 'Voltage at its first pole',
  'load terminal, second pole': 'Voltage at its second pole',
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
      return `${sayNumber(value, 0)} %`;
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
    }));
}
