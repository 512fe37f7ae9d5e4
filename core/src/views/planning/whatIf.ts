import {
  ampacityLimits,
  sizing,
  voltageDropPercent,
  type Conductor,
  type Sizing,
  type SizingInput,
} from '../../code/sizing/index.ts';
import {
  CITATIONS,
  GAUGES,
  isMade,
  SMALL_CONDUCTOR_LIMIT_AMPS,
  type Gauge,
} from '../../facts/standards/index.ts';
import { tripWindow, type TripWindow } from '../../physics/trip/index.ts';
import * as messages from './messages.ts';

/** What limits a conductor or its breaker here, with its table. */
export interface AmpacityLimit {
  what: string;
  amps: number;
  source: string;
  /** It is the lowest of all. */
  binds: boolean;
}

/** A circuit as it is, or as it might be. */
export interface WhatIf {
  sizing: Sizing;
  limits: AmpacityLimit[];
  /** The thinnest conductor of this metal for the load and its least breaker; `null`: none up to 4/0. */
  thinnest: Gauge | null;
  /** V lost at full load, % of the voltage; `null` without a length. */
  dropPercent: number | null;
  /** When it would open at this load; `null`: the bench knows no breaker of this rating. */
  window: TripWindow | null;
}

const BENCH = { least: 10, most: 225 } as const;

function limitsOf({ conductor, ...place }: SizingInput): AmpacityLimit[] {
  const { insulation, terminal, cable } = ampacityLimits({
    conductor,
    terminalC: place.terminalC,
    ambientC: place.ambientC ?? 30,
    currentCarrying: place.currentCarrying ?? 2,
  });
  const small = SMALL_CONDUCTOR_LIMIT_AMPS[conductor.material][conductor.gauge];
  const all = [
    {
      what: messages.itsCInsulationAtThisAmbient(conductor.insulationC),
      amps: insulation,
      source: CITATIONS.ampacity,
    },
    { what: messages.itsCTerminals(place.terminalC), amps: terminal, source: messages.nec202311014C },
    ...(cable === null
      ? []
      : [{ what: messages.cColumnForNmCable, amps: cable, source: messages.nec202333480 }]),
    ...(small === undefined
      ? []
      : [{ what: messages.smallConductorLimit, amps: small, source: CITATIONS.smallConductor }]),
  ];
  const least = Math.min(...all.map(({ amps }) => amps));
  return all.map((one) => ({ ...one, binds: one.amps === least }));
}

/** The thinnest conductor of the same metal and kind that carries the load behind the least breaker for it. */
function thinnestFor(question: SizingInput, least: number | null): Gauge | null {
  if (least === null) return null;
  const fits = (gauge: Gauge) => {
    const conductor: Conductor = { ...question.conductor, gauge };
    return isMade(conductor) && sizing({ ...question, conductor, breakerAmps: least }).decision === 'keep';
  };
  return GAUGES.find(fits) ?? null;
}

/**
 * What a circuit comes to, as it is or as it might be: nothing is stored.
 *
 * @param question loads (A), breaker (A), conductor and where it lies
 * @param more its length (m; `null`: not known) and voltage (V)
 * @returns sizing, each limit with its table, the thinnest conductor, the drop (%), when it would open (s)
 * @throws ZodError where a figure is impossible
 * @example whatIf(question, { lengthM: 20, volts: 120 }).thinnest // '12'
 */
export function whatIf(question: SizingInput, more: { lengthM: number | null; volts: number }): WhatIf {
  const sized = sizing(question);
  const { conductor, breakerAmps } = question;
  const { lengthM, volts } = more;
  const isOnBench = breakerAmps >= BENCH.least && breakerAmps <= BENCH.most;
  return {
    sizing: sized,
    limits: limitsOf(question),
    thinnest: thinnestFor(question, sized.minBreakerAmps),
    dropPercent:
      lengthM === null ? null : voltageDropPercent({ conductor, amps: sized.loadAmps, lengthM, volts }),
    window: isOnBench ? tripWindow({ ratingAmps: breakerAmps, amps: sized.loadAmps }) : null,
  };
}
