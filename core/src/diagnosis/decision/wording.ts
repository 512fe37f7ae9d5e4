import { sayQuantity } from '../../facts/quantities/index.ts';
import { WATCH_IT, type ActionId, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { outcomeOf, type Evidence } from '../evidence/index.ts';
import {
  causeRemoved,
  lastTrip,
  overloadMeasured,
  unpluggedInstantTrips,
} from '../recordAssessment/index.ts';
import * as messages from './messages.ts';

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
          headline: messages.aBreakerWouldSuitThisLoad(
            amps(sizing.recommendedAmps),
            amps(breaker.ratingAmps),
          ),
          toAmps: sizing.recommendedAmps,
        }
      : {},
  rewire: ({ sizing, breaker }) =>
    sizing && breaker.ratingAmps > sizing.maxBreakerAmps
      ? { headline: messages.leaveItOffThisConductorIs }
      : {},
  'shed-load': (evidence, leading) => {
    if (leading === 'motor-inrush') return MOTOR_START;
    const over = overloadAmps(evidence);
    return over === null ? {} : { firstSteps: [messages.removeAtLeastFromThisCircuit(amps(over))] };
  },
  'replace-breaker': (evidence) => {
    if (outcomeOf(evidence, 'part-match') === 'not-listed')
      return { headline: messages.replaceItWithABreakerListed };
    return {};
  },
  'replace-breaker-and-remake-joint': (evidence) =>
    outcomeOf(evidence, 'stab-inspection') === 'pitted-or-burnt'
      ? { headline: messages.replaceThisBreakerAndMoveIt }
      : {},
  'repair-wiring': (evidence, leading) => {
    if (unpluggedInstantTrips(evidence).length > 0) return { headline: messages.notTheBreakerAShortCircuit };
    return leading === 'open-wiring' ? { headline: messages.notTheBreakerTheWiringIs } : {};
  },
  'reset-and-watch': (evidence) =>
    outcomeOf(evidence, 'reset-result') === 'holds'
      ? { headline: WATCH_IT.headline, steps: [...WATCH_IT.steps] }
      : {},
};

/** A motor that trips its breaker while it starts is no load to be shed. */
const MOTOR_START: Wording = {
  headline: messages.notTheBreakerTheMotorS,
  steps: [
    messages.haveTheMotorAndItsStart,
    messages.giveTheMotorADedicatedCircuit,
    messages.askAnElectricianWhetherThis,
  ],
};

const NAMEPLATE = messages.readTheApplianceNameplateFirst;

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
      ? messages.installABreakerInsteadOf(amps(toAmps), amps(breaker.ratingAmps))
      : messages.installABreakerNowTheLoad(
          amps(toAmps),
          sizing.decision === 'split' ? messages.aSecondCircuit : messages.aLargerConductor,
        ),
    firstSteps: [
      ...(mayHaveNameplate(evidence) ? [NAMEPLATE] : []),
      loadFits
        ? messages.untilThenKeepTheLoadBelow(amps(toAmps))
        : messages.aBreakerProtectsTheConductor(amps(toAmps), amps(sizing.loadAmps)),
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
  'reset-result-unplugged': messages.unplugEverythingThenResetOnce,
  'line-side-voltage': messages.measureTheSupplyNext,
  'load-terminal-voltage': messages.followTheVoltageMeasureThe,
  'terminal-inspection': messages.inspectTheTerminalNext,
  'face-temperature': messages.measureTheTemperatureNext,
  'terminal-temperature': messages.measureTheTemperatureNext,
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
  if (breaker.kind === 'surge') return messages.checkTheIndicatorLightIfIt;
  const special = first && FIND_OUT[first];
  if (special) return special;
  if (handle === 'tripped') return messages.findOutWhyItTripped;
  return isKnown ? messages.measureThisNext : messages.noReadingsYetLookAndMeasure;
}
