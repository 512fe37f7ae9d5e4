import { VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayQuantity, type Reason } from '../../facts/quantities/index.ts';
import {
  DWELLING_SERVICE,
  equipmentGround,
  SMALL_CONDUCTOR_LIMIT_AMPS,
  STANDARD_RATINGS_AMPS,
} from '../../facts/standards/index.ts';
import {
  ampacity,
  sayConductor,
  standardRatingAtLeast,
  standardRatingAtMost,
  voltageDropPercent,
} from '../sizing/index.ts';
import { feederInput, type Feeder, type FeederInput, type FeederQuestion } from './schema.ts';
import * as messages from './messages.ts';

const LARGEST_AMPS = STANDARD_RATINGS_AMPS.at(-1)!;
/** A feeder that loses more than this runs poorly; 5% is the most with its branches. */
const POOR_DROP_PERCENT = 100 * VOLTAGE_LIMITS.sagNoticed;

/**
 * The largest rating, A, that the conductors of a whole dwelling may have for what they carry; `null` below 100 A.
 *
 * Source: NEC 2023, 310.12.
 *
 * @param carries the conductor’s ampacity where it lies, A
 * @returns A
 * @example dwellingRating(175) // 200: 83% of it is 166 A
 */
export const dwellingRating = (carries: number): number | null =>
  STANDARD_RATINGS_AMPS.findLast(
    (rating) =>
      rating >= DWELLING_SERVICE.fromAmps &&
      rating <= DWELLING_SERVICE.toAmps &&
      atLeast(carries, DWELLING_SERVICE.share * rating),
  ) ?? null;

/** The largest breaker, by what the conductor carries and what stands behind it. */
function largestFeederBreaker({ kind, conductor, mainLugsAmps }: FeederQuestion, carries: number): number {
  const byAmpacity = carries > 0 ? (standardRatingAtLeast(carries) ?? LARGEST_AMPS) : 0;
  const small = SMALL_CONDUCTOR_LIMIT_AMPS[conductor.material][conductor.gauge] ?? Infinity;
  const asDwelling = kind === 'whole-dwelling' ? (dwellingRating(carries) ?? 0) : 0;
  const byConductor = Math.max(Math.min(byAmpacity, small), asDwelling);
  return mainLugsAmps === undefined ? byConductor : Math.min(byConductor, standardRatingAtMost(mainLugsAmps));
}

function decide(
  { kind, demandAmps, breakerAmps }: FeederQuestion,
  { carries, largest, least }: { carries: number; largest: number; least: number | null },
): Pick<Feeder, 'decision' | 'recommendedAmps'> {
  const rewire = { decision: 'rewire', recommendedAmps: null } as const;
  const mayCarry = kind === 'whole-dwelling' ? Math.max(carries, dwellingRating(carries) ?? 0) : carries;
  if (least === null || exceeds(demandAmps, mayCarry)) return rewire;
  if (exceeds(breakerAmps, largest))
    return least <= largest ? { decision: 'size-down', recommendedAmps: largest } : rewire;
  if (exceeds(demandAmps, breakerAmps))
    return least <= largest ? { decision: 'size-up', recommendedAmps: least } : rewire;
  return { decision: 'keep', recommendedAmps: breakerAmps };
}

/**
 * A feeder to a sub-panel, or the service conductors: what they carry, which breaker suits them, how much they lose, the
 * grounding conductor beside them.
 *
 * Source: NEC 2023, tables 310.16, 310.15(B)(1), 310.15(C)(1), 250.122, chapter 9 table 8; 110.14(C), 240.4, 310.12.
 *
 * @param input load (A), breaker (A), conductor and where it lies (°C, m), what stands behind it (A)
 * @returns amperes, percent of the voltage, gauges, and what to do with the reasons
 * @throws ZodError where a figure is impossible
 * @example
 * feeder({ kind: 'feeder', demandAmps: 48, breakerAmps: 60,
 *   conductor: { gauge: '6', material: 'copper', insulationC: 75 } }).decision // 'keep'
 */
export function feeder(input: FeederInput): Feeder {
  const question = feederInput.parse(input);
  const { conductor, demandAmps, breakerAmps, lengthM, volts } = question;
  const carries = ampacity({ ...question, conductor: { ...conductor, cable: 'other' } });
  const figures = {
    carries,
    largest: largestFeederBreaker(question, carries),
    least: standardRatingAtLeast(demandAmps),
  };
  const decided = decide(question, figures);
  const dropPercent =
    lengthM === undefined ? null : voltageDropPercent({ conductor, amps: demandAmps, lengthM, volts });
  return {
    ampacity: carries,
    maxBreakerAmps: figures.largest,
    minBreakerAmps: figures.least,
    dropPercent,
    ground: equipmentGround(breakerAmps),
    ...decided,
    reasons: explain(question, figures, decided.decision, dropPercent),
  };
}

const a = (value: number) => sayQuantity(value, 'A', 1);

function explain(
  { kind, conductor, demandAmps, breakerAmps, mainLugsAmps }: FeederQuestion,
  { carries, largest, least }: { carries: number; largest: number; least: number | null },
  decision: Feeder['decision'],
  dropPercent: number | null,
): Reason[] {
  const reasons: Reason[] = [];
  const add = (code: string, text: string) => reasons.push({ code, text });
  if (exceeds(breakerAmps, largest))
    add(
      'conductor-unprotected',
      largest > 0
        ? messages.theBreakerExceedsWhatThis(a(breakerAmps), a(largest))
        : messages.noStandardBreakerIsSmallEnough,
    );
  if (decision === 'rewire')
    add(
      'demand-exceeds-conductor',
      least === null
        ? messages.aLoadOfExceedsTheLargest(a(demandAmps), a(LARGEST_AMPS))
        : messages.theLoadIsHasAnAmpacity(a(demandAmps), sayConductor(conductor), a(carries), a(largest)),
    );
  if (decision === 'size-up') {
    add('demand-exceeds-breaker', messages.theLoadIsTheBreakerIs(a(demandAmps), a(breakerAmps)));
    add('verify-whole-run', messages.aLargerBreakerIsAllowedOnly);
  }
  if (decision === 'keep')
    add('breaker-fits', messages.theLoadIsTheBreakerIsAnd(a(demandAmps), a(breakerAmps), a(largest)));
  add('ampacity', messages.hasAnAmpacityOfAsInstalled(sayConductor(conductor), a(carries)));
  const asDwelling = kind === 'whole-dwelling' ? dwellingRating(carries) : null;
  if (asDwelling !== null && asDwelling > carries)
    add(
      'whole-dwelling',
      messages.theFeederCarriesTheEntireLoad(
        a(DWELLING_SERVICE.share * asDwelling),
        a(asDwelling),
        a(asDwelling),
      ),
    );
  if (mainLugsAmps !== undefined && largest === standardRatingAtMost(mainLugsAmps))
    add('main-lugs', messages.theEquipmentItFeedsIsRated(a(mainLugsAmps)));
  if (dropPercent !== null && exceeds(dropPercent, POOR_DROP_PERCENT))
    add(
      'drop-over-3',
      messages.atTheVoltageDropIsAbove(a(demandAmps), sayQuantity(dropPercent, '%', 1), POOR_DROP_PERCENT),
    );
  add(
    'ground-grows',
    'The equipment grounding conductor is sized for this breaker and grows in proportion if the hot conductors are oversized. Service conductors have none.',
  );
  return reasons;
}
