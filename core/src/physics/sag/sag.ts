import { CONNECTION_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayNumber } from '../../facts/quantities/index.ts';
import { HEAT_GRADES, type HeatGrade } from '../heat/index.ts';
import { conductorOhmsOf } from './conductorOhms.ts';
import { sagInput, type Sag, type SagInput, type SagSegment } from './schema.ts';
import * as messages from './messages.ts';

/** From how many watts in one joint on: about what makes it warm, hot, glow. A scale of this program’s own. */
const JOINT_WATTS: readonly (readonly [number, HeatGrade])[] = [
  [CONNECTION_LIMITS.glowWatts, 'urgent'],
  [CONNECTION_LIMITS.hotWatts, 'repair-soon'],
  [CONNECTION_LIMITS.warmWatts, 'watch'],
];
/** Above how many percent of drop the supply itself is worth a look. */
const SUPPLY_PERCENT: readonly (readonly [number, HeatGrade])[] = [
  [100 * VOLTAGE_LIMITS.supplyWeak, 'repair-soon'],
  [100 * VOLTAGE_LIMITS.supplyWatch, 'watch'],
];

type Question = ReturnType<typeof sagInput.parse>;

/**
 * Where in a run a bad joint sits: from the volts with nothing and with a known load on it, less what the conductor’s length
 * explains. Graded on the sure side of the meter’s error.
 *
 * Source: NEC 2023, chapter 9, table 8, with its note 2, for conductors; the scale of watts in a joint is our own.
 *
 * @param input the load (A), the breaker’s rating (A), the meter’s error (V), and points from the supply on, each with its volts
 *   (V) and the conductor before it (gauge, material, m, °C)
 * @returns per point the volts lost, per segment ohms (Ω), what of them no conductor explains, its heat (W) and a grade; and
 *   where to look first
 * @throws ZodError where a figure is impossible, an id stands twice, or a load raises the voltage
 * @example
 * sag({ amps: 12, points: [{ id: 'panel', unloaded: 121, loaded: 120.5 }, { id: 'outlet', unloaded: 121, loaded: 114 }] }).worst
 *   // 'outlet'
 */
export function sag(input: SagInput): Sag {
  const question = sagInput.parse(input);
  const points = question.points.map(({ id, unloaded, loaded }) => {
    const dropVolts = unloaded - loaded;
    return { id, dropVolts, dropPercent: unloaded === 0 ? null : (dropVolts / unloaded) * 100 };
  });
  const segments = points.map((_point, i) => segmentTo(question, points, i));
  return { points, segments, worst: worstOf(segments) };
}

function segmentTo(question: Question, points: Sag['points'], i: number): SagSegment {
  const { amps, ratingAmps, meterVolts } = question;
  const { run } = question.points[i]!;
  const here = points[i]!;
  const before = points[i - 1];
  const ohms = (here.dropVolts - (before?.dropVolts ?? 0)) / amps;
  const conductorOhms = run ? conductorOhmsOf(run) : null;
  const excessOhms = ohms - (conductorOhms ?? 0);
  // Two readings a point, their errors independent; both ends where there are two.
  const errorOhms = (2 * meterVolts * Math.SQRT2 * Math.sqrt(before ? 2 : 1)) / amps;
  const lowOhms = Math.max(0, excessOhms - errorOhms);
  const watts = Math.max(0, excessOhms) * amps ** 2;
  const segment = {
    from: before?.id ?? null,
    to: here.id,
    ohms,
    conductorOhms,
    excessOhms,
    lowOhms,
    highOhms: Math.max(0, excessOhms + errorOhms),
    watts,
    wattsAtRating: ratingAmps === undefined ? null : Math.max(0, excessOhms) * ratingAmps ** 2,
  };
  const at = ratingAmps === undefined ? messages.atThisLoad : messages.atTheBreakerRating;
  const sureWatts = lowOhms * (ratingAmps ?? amps) ** 2;
  const grade = before
    ? (JOINT_WATTS.find(([from]) => atLeast(sureWatts, from))?.[1] ?? 'normal')
    : gradeOfSupply(here.dropPercent);
  return { ...segment, grade, reasons: reasonsOf(segment, grade, here.dropPercent, sureWatts, at) };
}

const gradeOfSupply = (percent: number | null): HeatGrade =>
  (percent !== null && SUPPLY_PERCENT.find(([above]) => exceeds(percent, above))?.[1]) || 'normal';

function reasonsOf(
  { from, excessOhms, conductorOhms, lowOhms, highOhms }: Omit<SagSegment, 'grade' | 'reasons'>,
  grade: HeatGrade,
  percent: number | null,
  sureWatts: number,
  at: string,
): SagSegment['reasons'] {
  const reasons: SagSegment['reasons'] = [];
  const add = (code: string, text: string) => reasons.push({ code, text });
  if (from === null) {
    if (percent === null) add('dead', messages.thereIsNoVoltageWithNo);
    else if (grade === 'normal')
      add('supply-steady', messages.theSupplyVoltageDropsUnderThis(sayNumber(percent)));
    else add('supply-drop', messages.theSupplyItselfDropsUnderThis(sayNumber(percent)));
    return reasons;
  }
  if (conductorOhms === null) add('conductor-unknown', messages.theConductorIsNotKnownSo);
  if (grade !== 'normal')
    add(
      'over-conductor',
      messages.atLeastMMoreThanThe(
        sayNumber(lowOhms * 1000, 0),
        sayNumber(sureWatts),
        at,
        CONNECTION_LIMITS.warmWatts,
        CONNECTION_LIMITS.hotWatts,
        CONNECTION_LIMITS.glowWatts,
      ),
    );
  else if (excessOhms > 0 && lowOhms === 0) add('within-error', messages.theVoltageDropBeyondThe);
  else add('explained', messages.atMostMBeyondTheConductor(sayNumber(highOhms * 1000, 0)));
  return reasons;
}

function worstOf(segments: readonly SagSegment[]): string | null {
  const severity = ({ grade }: SagSegment) => HEAT_GRADES.indexOf(grade);
  const graded = segments.filter(({ grade }) => grade !== 'normal');
  graded.sort((a, b) => severity(b) - severity(a) || b.lowOhms - a.lowOhms);
  return graded[0]?.to ?? null;
}
