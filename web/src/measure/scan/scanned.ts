import { HEAT_GRADES, heatSurvey, type HeatPoint } from '@phylaxon/core/physics/heat';
import { ambientC, amps, surfaceC } from '@phylaxon/core/facts/quantities';
import type { Board } from '@phylaxon/core/views/board';
import { toNumber } from '../../shared/ui/index.ts';
import type { Scan, Typed } from './scanStore.ts';
import * as messages from './messages.ts';

/** One place as it was measured: °C and A. */
export interface Measured {
  breakerId: string;
  surfaceC: number;
  /** Clamped, or what its loads draw by what is drawn; null: neither is known. */
  amps: number | null;
  isClamped: boolean;
  grade: HeatPoint | null;
}

export interface Scanned {
  ambientC: number | null;
  measured: Measured[];
  /** Why a field cannot be taken, by place: its temperature, its current. */
  wrong: Record<string, { temperature?: string; amps?: string }>;
  ambientWrong: string | null;
}

type Schema = {
  safeParse: (value: unknown) => { success: boolean; error?: { issues: { message: string }[] } };
};

/** What a field holds, or why it cannot be taken; empty is neither. */
function read(
  text: string,
  schema: Schema,
  convert: (typed: number) => number,
): { value: number | null; wrong: string | null } {
  const typed = toNumber(text);
  if (typed === null || typed === undefined) return { value: null, wrong: null };
  if (!Number.isFinite(typed)) return { value: null, wrong: messages.thisIsNotANumber };
  const value = convert(typed);
  const parsed = schema.safeParse(value);
  return parsed.success ? { value, wrong: null } : { value: null, wrong: parsed.error!.issues[0]!.message };
}

const asItIs = (typed: number) => typed;

/**
 * What was typed, graded as it comes in: over similar parts, and scaled to the rating.
 *
 * @param drawn what each breaker carries by its loads as drawn, A: where no clamp was at hand
 * @param toCelsius from the unit the person reads
 */
export function scannedOf(
  scan: Scan,
  board: Board,
  drawn: Readonly<Record<string, number>>,
  toCelsius: (typed: number) => number,
): Scanned {
  const air = read(scan.ambient, ambientC, toCelsius);
  const wrong: Scanned['wrong'] = {};
  const measured: Measured[] = [];
  for (const { breaker } of board.breakers) {
    const typed: Typed | undefined = scan.typed[breaker.id];
    if (!typed) continue;
    const temperature = read(typed.temperature, surfaceC, toCelsius);
    const current = read(typed.amps, amps, asItIs);
    if (temperature.wrong !== null || current.wrong !== null)
      wrong[breaker.id] = {
        ...(temperature.wrong !== null && { temperature: temperature.wrong }),
        ...(current.wrong !== null && { amps: current.wrong }),
      };
    if (temperature.value === null) continue;
    measured.push({
      breakerId: breaker.id,
      surfaceC: temperature.value,
      amps: current.value ?? drawn[breaker.id] ?? null,
      isClamped: current.value !== null,
      grade: null,
    });
  }
  return {
    ambientC: air.value,
    measured: graded(measured, board, air.value),
    wrong,
    ambientWrong: air.wrong,
  };
}

function graded(measured: readonly Measured[], board: Board, air: number | null): Measured[] {
  if (air === null || measured.length === 0) return [...measured];
  const ratingOf = (id: string) =>
    board.breakers.find(({ breaker }) => breaker.id === id)!.breaker.ratingAmps;
  const { points } = heatSurvey({
    ambientC: air,
    points: measured.map(({ breakerId, surfaceC: value, amps: carried }) => ({
      id: breakerId,
      surfaceC: value,
      amps: carried ?? 0,
      ratingAmps: ratingOf(breakerId),
    })),
  });
  return measured.map((one, i) => ({ ...one, grade: points[i]! }));
}

/** What is worth a second look, the gravest first. */
export const worthALook = (measured: readonly Measured[]): Measured[] =>
  measured
    .filter(({ grade }) => grade !== null && grade.grade !== 'normal')
    .sort((a, b) => HEAT_GRADES.indexOf(b.grade!.grade) - HEAT_GRADES.indexOf(a.grade!.grade));

/** Too little load to judge a joint by. */
export const hardlyLoaded = (measured: readonly Measured[]): Measured[] =>
  measured.filter(({ grade }) => grade?.grade === 'normal' && grade.riseAtRatingC === null);
