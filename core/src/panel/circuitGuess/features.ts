import type { BreakerKind } from '../layout/index.ts';

/** When a house was wired, as far as it decides which protection its breakers have. */
export const ERAS = ['before-1975', '1975-2002', 'after-2002'] as const;
export type Era = (typeof ERAS)[number];

/** What heats the house and its water. */
export const FUELS = ['gas', 'electric'] as const;
export type Fuel = (typeof FUELS)[number];

/** How the current of a circuit goes over a day: nothing, always the same, in turns, for minutes now and then, or changing. */
export const PATTERNS = ['nothing', 'steady', 'cycles', 'short', 'changing'] as const;
export type Pattern = (typeof PATTERNS)[number];

/** Where a breaker sits, from the end of the bus where the main feeds it: first third, middle, far third. */
export const THIRDS = ['near', 'middle', 'far'] as const;
export type Third = (typeof THIRDS)[number];

/** How often houses of each era and fuel stand in a street. Figures of our own. */
export const ERA_SHARE: Readonly<Record<Era, number>> = {
  'before-1975': 0.4,
  '1975-2002': 0.35,
  'after-2002': 0.25,
};
export const FUEL_SHARE: Readonly<Record<Fuel, number>> = { gas: 0.55, electric: 0.45 };

/** Which protection the code of its day asks for on a circuit. */
export type Protection = 'none' | 'ground-fault' | 'arc-fault' | 'both';

type KindChances = Partial<Record<BreakerKind, number>>;
const OLD: KindChances = { standard: 0.96, gfci: 0.025, afci: 0.01, dual: 0.005 };

/**
 * Which kind of breaker a circuit has, by the era and what the code of that day asks for. Figures of our own; the rules behind
 * them: NEC 210.8 (ground-fault) and 210.12 (arc-fault), which grew from edition to edition.
 */
export const KIND_CHANCES: Readonly<Record<Era, Record<Protection, KindChances>>> = {
  'before-1975': { none: OLD, 'ground-fault': OLD, 'arc-fault': OLD, both: OLD },
  '1975-2002': {
    none: OLD,
    'ground-fault': { standard: 0.86, gfci: 0.12, afci: 0.01, dual: 0.01 },
    'arc-fault': { standard: 0.93, gfci: 0.02, afci: 0.04, dual: 0.01 },
    both: { standard: 0.92, gfci: 0.05, afci: 0.02, dual: 0.01 },
  },
  'after-2002': {
    none: { standard: 0.93, gfci: 0.03, afci: 0.02, dual: 0.02 },
    'ground-fault': { standard: 0.55, gfci: 0.35, afci: 0.02, dual: 0.08 },
    'arc-fault': { standard: 0.32, gfci: 0.01, afci: 0.52, dual: 0.15 },
    both: { standard: 0.5, gfci: 0.1, afci: 0.13, dual: 0.27 },
  },
};
