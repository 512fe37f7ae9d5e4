import { sayQuantity } from '../../facts/quantities/index.ts';
import { WATCH_IT, type ActionId, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { outcomeOf, type Evidence } from '../evidence/index.ts';
import {
  causeRemoved,
  lastTrip,
  overloadMeasured,
  unpluggedInstantTrips,
} from '../recordAssessment/index.ts';

/** What a decision says instead of its action’s usual words. */
export interface Wording {
  headline?: string;
  /** Before the usual steps. */
  firstSteps?: string[];
  /** Instead of the usual steps. */
  steps?: string[];
  toAmps?: number;
}

const amps = (value: number) => sayQuantity(value, 'A');

/**
 * The words for an action, as the record’s figures make them.
 *
 * @param action the action decided on
 * @param evidence what is known of the breaker
 * @param leading the likeliest cause
 * @returns what differs from the action’s usual words
 */
export function wordingOf(action: ActionId, evidence: Evidence, leading: CauseId): Wording {
  return WORDING[action]?.(evidence, leading) ?? {};
}

const WORDING: Partial<Record<ActionId, (evidence: Evidence, leading: CauseId) => Wording>> = {
  'size-down': sizeDown,
  'size-up': ({ sizing, breaker }) =>
    sizing?.recommendedAmps
      ? {
          headline: `A ${amps(sizing.recommendedAmps)} breaker would suit this load and conductor better than ${amps(breaker.ratingAmps)}`,
          toAmps: sizing.recommendedAmps,
        }
      : {},
  rewire: ({ sizing, breaker }) =>
    sizing && breaker.ratingAmps > sizing.maxBreakerAmps
      ? { headline: 'Leave it off: this conductor is too small for any breaker here' }
      : {},
  'shed-load': (evidence, leading) => {
    if (leading === 'motor-inrush') return MOTOR_START;
    const over = overloadAmps(evidence);
    return over === null ? {} : { firstSteps: [`Take at least ${amps(over)} off this circuit.`] };
  },
  'replace-breaker': (evidence) => {
    if (outcomeOf(evidence, 'part-match') === 'not-listed')
      return { headline: 'Replace it with a breaker listed for this panel' };
    return {};
  },
  'replace-breaker-and-remake-joint': (evidence) =>
    outcomeOf(evidence, 'stab-inspection') === 'pitted-or-burnt'
      ? { headline: 'Replace this breaker, and move it off the burnt stab' }
      : {},
  'repair-wiring': (evidence, leading) => {
    if (unpluggedInstantTrips(evidence).length > 0)
      return { headline: 'Not the breaker: a short circuit in the wiring. Do not reset it' };
    return leading === 'open-wiring' ? { headline: 'Not the breaker: the wiring is open downstream' } : {};
  },
  'reset-and-watch': (evidence) =>
    outcomeOf(evidence, 'reset-result') === 'holds'
      ? { headline: WATCH_IT.headline, steps: [...WATCH_IT.steps] }
      : {},
};

/** A motor that trips its breaker while it starts is no load to be shed. */
const MOTOR_START: Wording = {
  headline: 'Not the breaker: the motor’s starting current',
  steps: [
    'Have the motor and its start capacitor checked: a worn one draws more, for longer.',
    'Give the motor a dedicated circuit.',
    'Ask an electrician whether this kind of breaker suits a motor. Never a larger rating than the conductor allows.',
  ],
};

const NAMEPLATE =
  'Read the appliance’s nameplate first. A motor-compressor nameplate may allow this breaker. Enter it with the circuit.';

/** Whether one hard-wired appliance with a starting current is all there is, and nobody entered its nameplate. */
function mayHaveNameplate({ circuit }: Evidence): boolean {
  if (!circuit || circuit.nameplate !== null) return false;
  const [only, ...others] = circuit.loads;
  return only !== undefined && others.length === 0 && only.surgeTimes !== null;
}

function sizeDown(evidence: Evidence): Wording {
  const { sizing, breaker } = evidence;
  const toAmps = sizing?.recommendedAmps ?? sizing?.interimAmps ?? null;
  if (!sizing || toAmps === null) return {};
  const loadFits = sizing.decision === 'size-down';
  return {
    toAmps,
    headline: loadFits
      ? `Install a ${amps(toAmps)} breaker instead of ${amps(breaker.ratingAmps)}`
      : `Install a ${amps(toAmps)} breaker now; the load needs ${sizing.decision === 'split' ? 'a second circuit' : 'a larger conductor'}`,
    firstSteps: [
      ...(mayHaveNameplate(evidence) ? [NAMEPLATE] : []),
      loadFits
        ? `Until then, keep the load below ${amps(toAmps)}.`
        : `A ${amps(toAmps)} breaker protects the conductor until then. It cannot carry the whole load of ${amps(sizing.loadAmps)}.`,
    ],
  };
}

/** How much more than its rating the circuit carries, or carried when it tripped, A; null where no figure says. */
function overloadAmps(evidence: Evidence): number | null {
  const { load, breaker } = evidence;
  const { ratingAmps } = breaker;
  if (load && (overloadMeasured(evidence) || load.amps > ratingAmps)) return load.amps - ratingAmps;
  const tripAmps = causeRemoved(evidence) ? null : lastTrip(evidence)?.event.amps;
  return tripAmps && tripAmps > ratingAmps ? tripAmps - ratingAmps : null;
}

/** Headlines of what to find out, by the test that comes first. */
const FIND_OUT: Partial<Record<TestId, string>> = {
  'reset-result-unplugged': 'Unplug everything, then reset once',
  'line-side-voltage': 'Measure the supply next',
  'load-terminal-voltage': 'Follow the voltage: measure the breaker’s load terminal next',
  'terminal-inspection': 'Inspect the terminal next',
  'face-temperature': 'Measure the temperature next',
  'terminal-temperature': 'Measure the temperature next',
};

/**
 * The headline where more has to be found out first.
 *
 * @param evidence what is known of the breaker
 * @param first the test to do first
 * @param isKnown whether anything is known at all
 */
export function findOutHeadline(
  { handle, breaker }: Evidence,
  first: TestId | undefined,
  isKnown: boolean,
): string {
  if (breaker.kind === 'surge')
    return 'Check the indicator light: if it is out, the device no longer protects';
  const special = first && FIND_OUT[first];
  if (special) return special;
  if (handle === 'tripped') return 'Find out why it tripped';
  return isKnown ? 'Measure this next' : 'No readings yet: look and measure';
}
