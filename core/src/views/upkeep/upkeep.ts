import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { clockChanges } from '../../facts/calendar/index.ts';
import { DUTY_IDS, dutyOf, type MaintenanceTaskId } from '../../facts/upkeep/index.ts';
import { isProtected } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { UpkeepRound, UpkeepRule } from '../../record/panelEntries/index.ts';
import type { UpkeepFollows } from './schema.ts';

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

/** A rule of one’s own for when something is due. */
export interface MadeRule {
  at: string;
  content: UpkeepRule;
}

/** What is known of a panel’s upkeep. */
export interface KeptRecord {
  rounds: readonly MadeRound[];
  rules: readonly MadeRule[];
  /** Breakers that must not lose power, as somebody said it; `null`: nobody was asked yet. */
  keepsPower: readonly string[] | null;
  /** When the panel came on record: what was never done is due from then. */
  since: string;
  /** The time zone it hangs in. */
  zone: string;
}

/** Something that is kept up at a panel, and when it is due. */
export interface DutyState {
  duty: MaintenanceTaskId;
  /** In which order; none where it is of the panel as a whole. */
  breakerIds: string[];
  /** When it was done last; `null`: never. */
  lastAt: string | null;
  dueAt: string;
  everyMonths: number;
  follows: UpkeepFollows;
  isDue: boolean;
}

/** What is named so must not lose power, until somebody says what must not. */
const BY_NAME =
  /\b(alarms?|routers?|modem|internet|servers?|freezers?|fridges?|refrigerators?|medical|oxygen|aquariums?|sump)\b/i;

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

const isAbout = (duty: MaintenanceTaskId, { breaker }: KeptBreaker): boolean => {
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
 * What must not lose power: as whoever uses the place said it, else by what each breaker is named after.
 *
 * @param breakers with what each feeds
 * @param said ids of those that must not; `null`: nobody was asked yet
 * @returns ids, of these breakers only
 * @example keepingPower([], null) // []
 */
export const keepingPower = (breakers: readonly KeptBreaker[], said: readonly string[] | null): string[] =>
  breakers
    .filter(({ breaker, label }) => (said === null ? BY_NAME.test(label ?? '') : said.includes(breaker.id)))
    .map(({ breaker }) => breaker.id);

/**
 * The order that does the least harm: critical loads come last, together; the rest follow the numbers of the spaces.
 *
 * @param breakers with what each feeds
 * @param said ids of the breakers of critical loads; `null`: nobody was asked yet
 * @returns the same in another order
 * @example leastHarm([], null) // []
 */
export function leastHarm<B extends KeptBreaker>(
  breakers: readonly B[],
  said: readonly string[] | null,
): B[] {
  const last = new Set(keepingPower(breakers, said));
  return [...breakers].sort(
    (a, b) =>
      Number(last.has(a.breaker.id)) - Number(last.has(b.breaker.id)) ||
      (a.breaker.space ?? 0) - (b.breaker.space ?? 0),
  );
}

/** The clocks are changed twice a year; a round soon before one stands for it. */
const SOON_BEFORE_MS = TIME_LIMITS.exerciseAheadDays * 86_400_000;

/** When a duty is due, and what that follows. */
function dateOf(
  duty: MaintenanceTaskId,
  lastAt: string | null,
  { rules, since, zone }: KeptRecord,
): Pick<DutyState, 'dueAt' | 'everyMonths' | 'follows'> {
  const usual = dutyOf(duty);
  const [rule] = rules
    .filter(({ content }) => content.duty === duty)
    .sort((a, b) => b.at.localeCompare(a.at));
  const { everyMonths: own = null, nextAt = null } = rule?.content ?? {};
  const everyMonths = own ?? usual.everyMonths;
  // A date of one’s own holds until the round that was meant by it is made.
  if (rule && nextAt !== null && (lastAt === null || lastAt <= rule.at))
    return { dueAt: nextAt, everyMonths, follows: 'own' };
  if (lastAt === null) return { dueAt: since, everyMonths, follows: own === null ? 'months' : 'own' };
  const [change] =
    own === null && usual.atClockChanges ? clockChanges(zone, Date.parse(lastAt) + SOON_BEFORE_MS, 1) : [];
  if (change !== undefined)
    return { dueAt: new Date(change).toISOString(), everyMonths, follows: 'clock-changes' };
  return { dueAt: addMonths(lastAt, everyMonths), everyMonths, follows: own === null ? 'months' : 'own' };
}

/**
 * What is kept up at a panel, and when each is due.
 *
 * @param breakers what is in it
 * @param record rounds that were made and rules of one’s own, in any order; since when; in which time zone
 * @param now UTC
 * @returns what applies to this panel, the most overdue first
 * @example dutiesOf([], { rounds: [], rules: [], keepsPower: null, since: now, zone: 'UTC' }, now)[0].duty // 'closed-look'
 */
export function dutiesOf(breakers: readonly KeptBreaker[], record: KeptRecord, now: string): DutyState[] {
  return DUTY_IDS.flatMap((duty): DutyState[] => {
    const about = leastHarm(
      breakers.filter((one) => isAbout(duty, one) && !one.isLeftAlone),
      record.keepsPower,
    );
    if (dutyOf(duty).of !== 'panel' && about.length === 0) return [];
    const made = record.rounds.filter(({ content }) => content.duty === duty).map(({ at }) => at);
    const lastAt = made.sort().at(-1) ?? null;
    const date = dateOf(duty, lastAt, record);
    const breakerIds = about.map(({ breaker }) => breaker.id);
    return [{ duty, breakerIds, lastAt, ...date, isDue: date.dueAt <= now }];
  }).sort((a, b) => a.dueAt.localeCompare(b.dueAt));
}
