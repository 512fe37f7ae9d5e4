import { CONNECTION_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayNumber } from '../../facts/quantities/index.ts';
import { HEAT_GRADES, type HeatGrade } from '../heat/index.ts';
import { conductorOhmsOf } from './conductorOhms.ts';
import { sagInput, type Sag, type SagInput, type SagSegment } from './schema.ts';

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
  const at = ratingAmps === undefined ? 'at this load' : 'at the breaker’s rating';
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
    if (percent === null)
      add('dead', 'There is no voltage here with nothing on: nothing can be said of the supply.');
    else if (grade === 'normal')
      add('supply-steady', `The supply loses ${sayNumber(percent)} % under this load: no sign against it.`);
    else
      add(
        'supply-drop',
        `The supply itself loses ${sayNumber(percent)} % under this load: main, service and utility come before the run.`,
      );
    return reasons;
  }
  if (conductorOhms === null)
    add('conductor-unknown', 'The conductor is not known: all of the drop here is taken for joints.');
  if (grade !== 'normal')
    add(
      'over-conductor',
      `At least ${sayNumber(lowOhms * 1000, 0)} mΩ more than the conductor explains: ${sayNumber(sureWatts)} W in a joint ${at}, by our own scale of what makes it warm (${CONNECTION_LIMITS.warmWatts} W), hot (${CONNECTION_LIMITS.hotWatts} W) or glow (${CONNECTION_LIMITS.glowWatts} W).`,
    );
  else if (excessOhms > 0 && lowOhms === 0)
    add(
      'within-error',
      'The voltage drop beyond the conductor is within the error of the meter. Repeat with a larger load.',
    );
  else
    add(
      'explained',
      `At most ${sayNumber(highOhms * 1000, 0)} mΩ beyond the conductor: too little to warm a joint.`,
    );
  return reasons;
}

function worstOf(segments: readonly SagSegment[]): string | null {
  const severity = ({ grade }: SagSegment) => HEAT_GRADES.indexOf(grade);
  const graded = segments.filter(({ grade }) => grade !== 'normal');
  graded.sort((a, b) => severity(b) - severity(a) || b.lowOhms - a.lowOhms);
  return graded[0]?.to ?? null;
}
