import { seeded, seedFrom } from '../../facts/random/index.ts';
import { MAIN, type ToMeasure } from '../../visit/gates/index.ts';
import {
  reportedAt,
  type NextVisitStep,
  type Proof,
  type ReportedTrouble,
  type VisitFact,
  type WorkState,
} from '../../visit/work/index.ts';

/** What may be the matter in a made-up house while somebody works in its panel. */
export const VISIT_FAULTS = {
  none: 'Nothing is the matter',
  'main-welded': 'The main is welded: it does not open',
  'main-pole-welded': 'One pole of the main is welded',
  backfeed: 'A generator feeds in from behind',
  'fed-from-outlet': 'A cord between two outlets feeds one circuit',
  ghost: 'A dead conductor beside a live one, a meter of high impedance',
  'tester-dead': 'The meter’s battery is empty',
  'neutral-open': 'The panel’s neutral is open',
  'pitted-stab': 'The stab is pitted',
  'two-wires': 'Two wires under the screw',
  'thin-wire': 'The wire is thinner than the directory says',
  'wrong-part': 'The new part is of another series',
  'neutral-shared': 'Its neutral is shared',
  'circuit-short': 'The circuit has a dead short',
  'wrong-circuit': 'The outlet hangs on another breaker',
  'bad-joint': 'The new joint is poor',
  'polarity-reversed': 'Hot and neutral are reversed at the outlet',
  'test-button-dead': 'The test button does nothing',
} as const;
export type VisitFault = keyof typeof VISIT_FAULTS;

/** What people in the house would see, by fault. */
const SEEN: Partial<Record<VisitFault, ReportedTrouble>> = {
  'pitted-stab': 'stab-pitted',
  'two-wires': 'two-wires',
  'thin-wire': 'wire-thin',
  'wrong-part': 'part-differs',
  'neutral-shared': 'neutral-shared',
};

const round = (value: number) => Math.round(value * 10) / 10;

/** Volts to neutral or ground, or between the poles, with the main off. */
function deadVolts(fault: VisitFault, { id, pole, to }: ToMeasure, isLoaded: boolean, noise: number): number {
  const line = (to === 'other-pole' ? 241 : 120.6) + noise;
  switch (fault) {
    case 'main-welded':
      return line;
    case 'main-pole-welded':
      return pole === 1 || to === 'other-pole' ? 120.6 + noise : 0.2;
    case 'backfeed':
      return line - 3;
    case 'fed-from-outlet':
      return id === MAIN ? 0.1 : line;
    case 'neutral-open':
      return to === 'ground' ? line : 0.4;
    case 'ghost':
      return id === MAIN || isLoaded ? 0.1 : 38 + noise;
    default:
      return Math.abs(noise) / 4;
  }
}

function proofOf(
  fault: VisitFault,
  next: Extract<NextVisitStep, { kind: 'proof' }>,
  ratingAmps: number,
  noise: number,
): Proof {
  const { id, proof } = next;
  switch (proof) {
    case 'off-output':
      return { is: 'proof', id, proof, volts: round(fault === 'wrong-circuit' ? 120.4 + noise : 0.1) };
    case 'between-poles':
      return { is: 'proof', id, proof, volts: round(240.8 + noise) };
    case 'outlet-wiring':
      return { is: 'proof', id, proof, outcome: fault === 'polarity-reversed' ? 'reversed' : 'correct' };
    case 'test-button':
      return {
        is: 'proof',
        id,
        proof,
        outcome: fault === 'test-button-dead' ? 'does-not-trip' : 'trips-and-resets',
      };
    case 'current':
      return { is: 'proof', id, proof, amps: round(ratingAmps * 0.45 + noise) };
    case 'temperature':
      return {
        is: 'proof',
        id,
        proof,
        surfaceC: round(fault === 'bad-joint' ? 61 : 29 + noise),
        ambientC: 21,
      };
  }
}

/** A made-up house, and what was told in it so far. */
export interface VisitHouse {
  /** Any text, such as the visit’s id. */
  seed: string;
  fault: VisitFault;
  told: readonly VisitFact[];
}

/** What the made-up house answers; `null`: it is for whoever is there to choose. */
function answerOf(
  { fault, told }: VisitHouse,
  state: WorkState,
  next: NextVisitStep,
  noise: number,
): VisitFact | null {
  switch (next.kind) {
    case 'gate':
      if (next.is !== 'tester-proved') return { is: next.is };
      return { is: 'tester-proved', volts: round(fault === 'tester-dead' ? 0 : 120.8 + noise) };
    case 'source':
      return { is: 'source-isolated', id: next.id };
    case 'measure': {
      // Measured again, it is measured under load.
      const isLoaded = state.met?.trouble === 'ghost';
      return { is: 'measured', ...next.what, volts: round(deadVolts(fault, next.what, isLoaded, noise)) };
    }
    case 'step': {
      const seen = SEEN[fault];
      const task = state.tasks.find(({ id }) => id === next.id);
      // Seen once: then it is known.
      const isNew = !told.some((fact) => fact.is === 'found' && fact.trouble === seen);
      if (seen && task && isNew && reportedAt(next.step).includes(seen))
        return { is: 'found', id: next.id, trouble: seen };
      return {
        is: 'step-done',
        id: next.id,
        step: next.step,
        torqueLbIn: next.step === 'conductor-in' ? 25 : null,
      };
    }
    case 'swapped':
    case 'handle-on':
      return { is: next.kind, id: next.id };
    case 'verify':
      return { is: 'verified', id: next.id, volts: round(fault === 'bad-joint' ? 103 : 120.2 + noise) };
    case 'proof':
      return proofOf(fault, next, state.tasks.find(({ id }) => id === next.id)!.ratingAmps, noise);
    case 'leave':
      return { is: 'abandoned' };
    case 'finish':
      return { is: 'finished' };
    case 'choose':
    case 'end':
      return null;
  }
}

/**
 * What a made-up house with made-up meters answers to what is next in a visit; the same each time it is asked.
 *
 * @param house what is the matter in it, and what was told there
 * @param state how far the visit is
 * @param next what is asked for
 * @returns what is told, V, A and °C; `null`: somebody has to choose
 * @example visitAnswer({ seed: 'a', fault: 'main-welded', told }, state, { kind: 'measure', what, left: 7 }) // 121.1 V
 */
export function visitAnswer(house: VisitHouse, state: WorkState, next: NextVisitStep): VisitFact | null {
  const noise = seeded(seedFrom(`${house.seed} ${JSON.stringify(next)}`))() * 1.6 - 0.8;
  const first = state.tasks[0]!;
  if (house.fault === 'circuit-short' && next.kind === 'handle-on' && next.id === first.placeId)
    return { is: 'found', id: first.id, trouble: 'trips-at-once' };
  return answerOf(house, state, next, noise);
}
