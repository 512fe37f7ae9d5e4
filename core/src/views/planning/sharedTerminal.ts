import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import type { SpacePlan } from '../../panel/spacePlan/index.ts';
import * as messages from './messages.ts';

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

/** Everything counts at most 80% of the breaker where the loads may run for hours. */
const SHARE = LOAD_LIMITS.continuousShare;

const TRACE_BOTH = messages.traceBothNeutralsFirst;

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
  const load = messages.togetherTheyCarry80OfIs(a(totalAmps), a(ratingAmps), a(SHARE * ratingAmps));
  const answer = (way: SharedTerminalWay, ...reasons: string[]) => ({ way, totalAmps, reasons });
  if (sharesNeutral)
    return answer(
      'opposite-legs',
      messages.bothConductorsShareOneNeutral,
      messages.putThemOnOppositeLegsOn,
      load,
    );
  if (isListedForTwo && fits) return answer('listed', messages.theTerminalIsListedForTwo, load);
  if (fits) return answer('join', load, messages.oneBreakerCarriesBothLoads);
  if (plan?.possible && plan.via !== 'narrow')
    return answer(
      'second-breaker',
      load,
      messages.theLoadIsTooMuchFor(
        plan.place!.space,
        plan.steps.length > 0
          ? messages.after(plan.steps.length, plan.steps.length === 1 ? 'step' : 'steps')
          : '',
      ),
      ...(sharesNeutral === null ? [TRACE_BOTH] : []),
    );
  if (sharesNeutral === null) return answer('trace', load, TRACE_BOTH);
  if (mayBeNarrow || plan?.possible) return answer('narrow-pair', load, messages.noFullSpaceIsFreeAnd);
  return answer('sub-panel', load, messages.noSpaceIsFreeAndThe);
}
