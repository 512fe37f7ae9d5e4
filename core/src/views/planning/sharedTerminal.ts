import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import type { SpacePlan } from '../../panel/spacePlan/index.ts';

/** What is to be done about two conductors under one screw. */
export const SHARED_TERMINAL_WAYS = [
  'trace',
  'opposite-legs',
  'listed',
  'join',
  'second-breaker',
  'narrow-pair',
  'sub-panel',
] as const;
export type SharedTerminalWay = (typeof SHARED_TERMINAL_WAYS)[number];

/** The way, why, and what each of the others waits for. */
export interface SharedTerminalAnswer {
  way: SharedTerminalWay;
  totalAmps: number;
  reasons: string[];
}

/** Everything counts at most 80 % of the breaker where the loads may run for hours. */
const SHARE = LOAD_LIMITS.continuousShare;

const TRACE_BOTH =
  'Trace both neutrals first. Conductors that share a neutral go on opposite legs, never on a tandem breaker.';

const a = (amps: number) => `${Number(amps.toFixed(1))} A`;

/**
 * What to do about two conductors under one terminal, in this panel: nothing where it is listed for two; join them to one tail
 * where one breaker carries both; else a second breaker in a free or freed space, a narrow pair where the label allows it,
 * or a sub-panel.
 *
 * @param question the breaker’s rating (A), what each conductor carries (A), whether the terminal is listed for two, whether the
 *   label allows a narrow unit in this very space, whether they share a neutral, and the plan of room for one more one-pole breaker
 * @returns the way and its reasons
 * @example
 * sharedTerminal({ ratingAmps: 20, amps: [5, 6], isListedForTwo: false, mayBeNarrow: false, sharesNeutral: false, plan: null }).way // 'join'
 */
export function sharedTerminal(question: {
  ratingAmps: number;
  amps: readonly [number, number];
  isListedForTwo: boolean;
  mayBeNarrow: boolean;
  /** Whether both conductors return on one neutral; null: nobody traced it. */
  sharesNeutral: boolean | null;
  plan: Pick<SpacePlan, 'possible' | 'via' | 'place' | 'steps'> | null;
}): SharedTerminalAnswer {
  const { ratingAmps, amps, isListedForTwo, mayBeNarrow, sharesNeutral, plan } = question;
  const totalAmps = amps[0] + amps[1];
  const fits = totalAmps <= SHARE * ratingAmps + 1e-9;
  const load = `Together they carry ${a(totalAmps)}; 80 % of ${a(ratingAmps)} is ${a(SHARE * ratingAmps)}.`;
  const answer = (way: SharedTerminalWay, ...reasons: string[]) => ({ way, totalAmps, reasons });
  if (sharesNeutral)
    return answer(
      'opposite-legs',
      'Both conductors return on one neutral. On one leg their currents add up in it, and the neutral can overheat.',
      'Put them on opposite legs, on a two-pole breaker with common trip. Never on a tandem breaker: both its poles are on one leg.',
      load,
    );
  if (isListedForTwo && fits)
    return answer('listed', 'The terminal is listed for two conductors of this size: it may stay.', load);
  if (fits)
    return answer(
      'join',
      load,
      'One breaker carries both: join them to one tail of the same gauge with a listed connector, and put the tail under the screw.',
    );
  if (plan?.possible && plan.via !== 'narrow')
    return answer(
      'second-breaker',
      load,
      `That is too much for one breaker, and there is room for a second one at space ${plan.place!.space}${plan.steps.length > 0 ? ` after ${plan.steps.length} ${plan.steps.length === 1 ? 'step' : 'steps'}` : ''}.`,
      ...(sharesNeutral === null ? [TRACE_BOTH] : []),
    );
  if (sharesNeutral === null) return answer('trace', load, TRACE_BOTH);
  if (mayBeNarrow || plan?.possible)
    return answer(
      'narrow-pair',
      load,
      'No full space is left, and the label allows tandem breakers: one in this space, with a handle for each conductor. Both are on one leg.',
    );
  return answer(
    'sub-panel',
    load,
    'No space is left, and the label allows no tandem breakers, or was not read. Install a sub-panel for them.',
  );
}
