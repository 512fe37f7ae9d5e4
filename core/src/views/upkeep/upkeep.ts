import { DUTY_IDS, dutyOf, type DutyId } from '../../facts/upkeep/index.ts';
import { isProtected } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { UpkeepRound } from '../../record/panelEntries/index.ts';

/** A breaker as far as upkeep asks. */
export interface KeptBreaker {
  breaker: Pick<Breaker, 'id' | 'role' | 'kind' | 'space'>;
  label?: string | null;
  /** Danger has stopped it, or it is off or tripped: working its handle would be a reset. */
  isLeftAlone: boolean;
}

/** A round that was made. */
export interface MadeRound {
  at: string;
  content: UpkeepRound;
}

/** Something that is kept up at a panel, and when it is due. */
export interface DutyState {
  duty: DutyId;
  /** In which order; none where it is of the panel as a whole. */
  breakerIds: string[];
  /** When it was done last; `null`: never. */
  lastAt: string | null;
  dueAt: string;
  isDue: boolean;
}

const MUST_STAY = /\b(alarm|router|server|freezer|fridge|medical|oxygen|aquarium|sump)\b/i;

/**
 * So many months on; a day that the month has not becomes its last.
 *
 * @param at UTC
 * @param months how many
 * @returns UTC
 * @example addMonths('2026-08-31T10:00:00.000Z', 6) // '2027-02-28T10:00:00.000Z'
 */
export function addMonths(at: string, months: number): string {
  const from = new Date(at);
  const to = new Date(at);
  to.setUTCDate(1);
  to.setUTCMonth(from.getUTCMonth() + months);
  const last = new Date(Date.UTC(to.getUTCFullYear(), to.getUTCMonth() + 1, 0)).getUTCDate();
  to.setUTCDate(Math.min(from.getUTCDate(), last));
  return to.toISOString();
}

const isAbout = (duty: DutyId, { breaker }: KeptBreaker): boolean => {
  switch (dutyOf(duty).of) {
    case 'handles':
      return breaker.role === 'branch';
    case 'protected':
      return isProtected(breaker.kind);
    case 'surge':
      return breaker.kind === 'surge';
    case 'panel':
      return false;
  }
};

/**
 * The order that does the least harm: what must not lose power comes last, together; else as the spaces are numbered.
 *
 * @param breakers with what each feeds
 * @returns the same in another order
 * @example leastHarm([]) // []
 */
export const leastHarm = <B extends KeptBreaker>(breakers: readonly B[]): B[] =>
  [...breakers].sort(
    (a, b) =>
      Number(MUST_STAY.test(a.label ?? '')) - Number(MUST_STAY.test(b.label ?? '')) ||
      (a.breaker.space ?? 0) - (b.breaker.space ?? 0),
  );

/**
 * What is kept up at a panel, and when each is due.
 *
 * @param breakers what is in it
 * @param rounds that were made, in any order
 * @param since when the panel came on record: what was never done is due from then
 * @param now UTC
 * @returns what applies to this panel, the most overdue first
 * @example dutiesOf([], [], '2026-01-01T00:00:00.000Z', '2026-11-01T00:00:00.000Z')[0].duty // 'closed-look'
 */
export function dutiesOf(
  breakers: readonly KeptBreaker[],
  rounds: readonly MadeRound[],
  since: string,
  now: string,
): DutyState[] {
  return DUTY_IDS.flatMap((duty): DutyState[] => {
    const { of, everyMonths } = dutyOf(duty);
    const about = leastHarm(breakers.filter((one) => isAbout(duty, one) && !one.isLeftAlone));
    if (of !== 'panel' && about.length === 0) return [];
    const made = rounds.filter(({ content }) => content.duty === duty).map(({ at }) => at);
    const lastAt = made.sort().at(-1) ?? null;
    const dueAt = lastAt === null ? since : addMonths(lastAt, everyMonths);
    return [{ duty, breakerIds: about.map(({ breaker }) => breaker.id), lastAt, dueAt, isDue: dueAt <= now }];
  }).sort((a, b) => a.dueAt.localeCompare(b.dueAt));
}
