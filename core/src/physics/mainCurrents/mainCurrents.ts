import { INSTRUMENT_READS } from '../../facts/instruments/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { seeded, normal, type Random } from '../../facts/random/index.ts';
import { POWER_FACTORS, type MeteredLoad } from '../meterDifference/index.ts';
import {
  mainCurrentsInput,
  type LegResult,
  type MainCurrents,
  type MainCurrentsInput,
  type MainCurrentsQuestion,
} from './schema.ts';
import * as messages from './messages.ts';

/** How often the errors are drawn: a range then moves by a twentieth of its width, at most, from seed to seed. */
const DRAWS = 2000;
const SEED = 36_005;
/** Standard deviation of what a circuit’s load moves between its own reading and the main’s, as a share. A figure of our own. */
const LOAD_MOVES = 0.01;
const [CLAMP] = INSTRUMENT_READS['clamp-meter'];
const SCALE = CLAMP!.percent / 100;
const OFFSET_AMPS = CLAMP!.digits * CLAMP!.resolution;

/** From −1 to 1, evenly: a limit of an instrument says no more of its error. */
const even = (random: Random) => 2 * random() - 1;

/** How far a current lags behind its voltage, rad. */
function lag(random: Random, load: MeteredLoad): number {
  const { least, most } = POWER_FACTORS[load];
  return Math.acos(least + (most - least) * random());
}

/** What truly flowed, where a clamp read so much. */
const trueAmps = (random: Random, shown: number, scale: number) =>
  Math.max(0, (shown - OFFSET_AMPS * even(random)) / (1 + scale));

/** A current with its phase, as real and imaginary part, A. */
type Phasor = readonly [number, number];

/** All circuits of a leg together, as they may have been while the main was read. */
function branchSum(
  random: Random,
  branches: MainCurrentsQuestion['legs']['a']['branches'],
  scale: number,
): Phasor {
  let [real, imaginary] = [0, 0];
  for (const { amps, load } of branches) {
    const flowed = trueAmps(random, amps, scale) * (1 + LOAD_MOVES * normal(random));
    const angle = lag(random, load);
    real += flowed * Math.cos(angle);
    imaginary += flowed * Math.sin(angle);
  }
  return [real, imaginary];
}

/** Current that has to be added to the circuits’ current, at an angle to it, to give the main’s, A. */
function missingAmps(main: number, circuits: number, angle: number): number {
  const across = circuits * Math.sin(angle);
  if (main < Math.abs(across)) return main - circuits;
  return Math.sqrt(main ** 2 - across ** 2) - circuits * Math.cos(angle);
}

const quantile = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
const rangeOf = (drawn: readonly number[], beyond: number) => {
  const sorted = [...drawn].sort((x, y) => x - y);
  return { low: quantile(sorted, beyond), high: quantile(sorted, 1 - beyond), middle: quantile(sorted, 0.5) };
};

/** One way in which all errors may have fallen. */
interface Draw {
  legs: Record<'a' | 'b', { circuits: number; unexplained: number; main: Phasor }>;
  neutral: number;
}

function draw(random: Random, { legs, neutralAmps, sameClamp }: MainCurrentsQuestion): Draw {
  const scale = SCALE * even(random);
  const branchScale = sameClamp ? scale : SCALE * even(random);
  const oneLeg = ({ mainAmps, branches }: MainCurrentsQuestion['legs']['a']) => {
    const main = trueAmps(random, mainAmps, scale);
    const [real, imaginary] = branchSum(random, branches, branchScale);
    const circuits = Math.hypot(real, imaginary);
    const own = Math.atan2(imaginary, real);
    const unexplained = missingAmps(main, circuits, lag(random, 'unknown') - own);
    return { circuits, unexplained, main: [main * Math.cos(own), main * Math.sin(own)] as const };
  };
  const both = { a: oneLeg(legs.a), b: oneLeg(legs.b) };
  const [a, b] = [both.a.main, both.b.main];
  const read = neutralAmps === null ? 0 : OFFSET_AMPS * even(random);
  return { legs: both, neutral: Math.max(0, Math.hypot(a[0] - b[0], a[1] - b[1]) * (1 + scale) + read) };
}

/**
 * What both legs carry at the main, beside what the circuits behind it carry: current that no circuit explains, with its error,
 * and whether the neutral carries what the legs leave to it. The errors of the clamp, of loads that move between two readings and
 * of currents that do not peak together are drawn many times, always the same way for the same readings.
 *
 * @param input current of each leg at the main and of each circuit on it, A, with what the circuit feeds; neutral, A; whether one
 *   clamp took all readings
 * @returns for each leg the unexplained current with its 90% range, A; imbalance, A; neutral; and what follows, in words
 * @throws ZodError where a figure is impossible
 * @example
 * mainCurrents({ legs: { a: { mainAmps: 30, branches: [{ amps: 18, load: 'resistive' }] },
 *   b: { mainAmps: 12, branches: [{ amps: 12, load: 'resistive' }] } } }).legs.a.finding // 'unexplained'
 */
export function mainCurrents(input: MainCurrentsInput): MainCurrents {
  const question = mainCurrentsInput.parse(input);
  const random = seeded(SEED);
  const draws = Array.from({ length: DRAWS }, () => draw(random, question));
  const legs = {
    a: legResult(draws, 'a', question.legs.a.unmeasured),
    b: legResult(draws, 'b', question.legs.b.unmeasured),
  };
  const neutral = neutralOf(draws, question.neutralAmps);
  return {
    legs,
    imbalanceAmps: Math.abs(question.legs.a.mainAmps - question.legs.b.mainAmps),
    neutral,
    reasons: [
      ...legReason('a', legs.a, question.legs.a.unmeasured),
      ...legReason('b', legs.b, question.legs.b.unmeasured),
      ...neutralReason(neutral, question.neutralAmps),
    ],
  };
}

function findingOf(low: number, high: number, unmeasured: number): LegResult['finding'] {
  if (high < 0) return 'branches-above-main';
  if (low <= 0) return 'explained';
  return unmeasured > 0 ? 'unmeasured' : 'unexplained';
}

function legResult(draws: readonly Draw[], leg: 'a' | 'b', unmeasured: number): LegResult {
  const { low, high, middle } = rangeOf(
    draws.map(({ legs }) => legs[leg].unexplained),
    0.05,
  );
  return {
    branchAmps: draws.reduce((sum, { legs }) => sum + legs[leg].circuits, 0) / draws.length,
    unexplainedAmps: middle,
    range: { low, high },
    finding: findingOf(low, high, unmeasured),
  };
}

function neutralOf(draws: readonly Draw[], measured: number | null): MainCurrents['neutral'] {
  if (measured === null) return null;
  const { low, high } = rangeOf(
    draws.map(({ neutral }) => neutral),
    0.005,
  );
  return {
    range: { low, high },
    finding: measured < low ? 'below' : measured > high ? 'above' : 'as-expected',
  };
}

const inAmps = (value: number) => sayQuantity(value, 'A', 1);

function legReason(
  leg: 'a' | 'b',
  { finding, unexplainedAmps, range }: LegResult,
  unmeasured: number,
): MainCurrents['reasons'] {
  const name = leg.toUpperCase();
  const [low, high] = [inAmps(range.low), inAmps(range.high)];
  const text = {
    explained: () => messages.explained(name, inAmps(Math.max(0, range.high))),
    unexplained: () => messages.unexplained(name, inAmps(unexplainedAmps), low, high),
    unmeasured: () => messages.unmeasured(name, inAmps(unexplainedAmps), unmeasured),
    'branches-above-main': () => messages.branchesAboveMain(name, inAmps(-unexplainedAmps)),
  }[finding]();
  return [{ code: `${finding}-${leg}`, text }];
}

function neutralReason(neutral: MainCurrents['neutral'], measured: number | null): MainCurrents['reasons'] {
  if (neutral === null || measured === null || neutral.finding === 'as-expected') return [];
  const say = neutral.finding === 'below' ? messages.neutralBelow : messages.neutralAbove;
  return [
    {
      code: `neutral-${neutral.finding}`,
      text: say(inAmps(measured), inAmps(neutral.range.low), inAmps(neutral.range.high)),
    },
  ];
}
