import { paceOf, type Pace } from '../entities/index.ts';
import type { Amount, Cursor } from '../phrases/index.ts';
import { outOfBounds } from './figures.ts';
import type { LineEntry } from './schema.ts';
import * as messages from './messages.ts';

/** What is wrong with a part of an event. */
export interface Problem {
  from: number;
  to: number;
  hint: string;
}

/** How an event went: with what current, after how long. */
export interface LineCircumstances {
  amps?: number;
  seconds?: number;
  pace?: Pace;
  /** When it was, instant. */
  at?: string;
  problems: Problem[];
  /** The piece behind all that belongs to it. */
  next: number;
}

const isFigure = (amount: Amount | null): amount is Amount =>
  amount !== null && (amount.of === 'amps' || amount.of === 'seconds') && amount.second === null;

/**
 * Current, time and pace of what happened, in any order, from a piece on.
 *
 * @param cursor the line
 * @param from the piece behind what happened
 * @param given figures that stand before it
 * @returns what was said of it
 */
export function circumstancesAt(
  cursor: Cursor,
  from: number,
  given: readonly Amount[] = [],
): LineCircumstances {
  const found: LineCircumstances = { problems: [], next: from };
  const take = (amount: Amount): boolean => {
    const key = amount.of === 'amps' ? 'amps' : 'seconds';
    if (found[key] !== undefined) return false;
    const hint = amount.problem ?? outOfBounds(key, amount.value);
    if (hint === null) found[key] = amount.value;
    else found.problems.push({ from: amount.from, to: amount.to, hint });
    return true;
  };
  given.forEach(take);
  let at = from;
  for (;;) {
    const begins = partAt(cursor, at);
    const phrase = cursor.phrase(begins);
    const amount = cursor.amount(begins);
    const moment = cursor.moment(begins);
    if (phrase?.meaning.is === 'pace' && found.pace === undefined) {
      found.pace = phrase.meaning.pace;
      at = phrase.next;
    } else if (moment && typeof moment.at === 'string' && found.at === undefined) {
      found.at = moment.at;
      at = moment.next;
    } else if (phrase?.meaning.is === 'no-trip' && found.amps !== undefined && found.seconds !== undefined) {
      at = phrase.next;
    } else if (isFigure(amount) && take(amount)) {
      at = amount.next;
    } else return found;
    found.next = at;
  }
}

/** Where the next part of an event may begin: behind fillers, and behind a comma before “at”, “after” and their like. */
function partAt(cursor: Cursor, at: number): number {
  // “in seconds” and “after a minute” begin with what is a filler elsewhere.
  const isPart = (n: number) => cursor.phrase(n)?.meaning.is === 'pace';
  const skip = (from: number) => cursor.skipFillers(from);
  if (!cursor.isSeparator(at)) return isPart(at) ? at : skip(at);
  if (!/^[,;]$/.test(cursor.text(at))) return at;
  if (isPart(at + 1)) return at + 1;
  const preposition = ['at', 'after', 'in', 'with', 'for', 'within'].includes(cursor.text(at + 1));
  return preposition && isFigure(cursor.amount(skip(at + 1))) ? skip(at + 1) : at;
}

/**
 * What happened with its figures before it: “14 a for 2 h, no trip”, “17 a 8 min tripped”.
 *
 * @param cursor the line
 * @param i where the figures may begin
 * @returns what happened, its figures, and the piece behind its word; `null`: they are figures by themselves
 */
export function figuresFirstAt(
  cursor: Cursor,
  i: number,
): { kind: 'trip' | 'no-trip'; figures: Amount[]; next: number } | null {
  const figures: Amount[] = [];
  let at = i;
  for (let amount = cursor.amount(at); isFigure(amount); amount = cursor.amount(at)) {
    const { of } = amount;
    if (figures.some((one) => one.of === of)) break;
    figures.push(amount);
    at = cursor.skipFillers(amount.next);
  }
  if (!figures.some(({ of }) => of === 'seconds')) return null;
  const phrase = cursor.phrase(at);
  const is = phrase?.meaning.is;
  return phrase && (is === 'trip' || is === 'no-trip') ? { kind: is, figures, next: phrase.next } : null;
}

/** Whether a current and a time follow: “holds 14 a for 2 h” is no reset. */
export function carriesSo(cursor: Cursor, next: number): boolean {
  const { amps, seconds } = circumstancesAt(cursor, next);
  return amps !== undefined && seconds !== undefined;
}

type Reset = Omit<Extract<LineEntry, { kind: 'reset' }>, 'placeId' | 'at' | 'from' | 'to' | 'kind'>;

const RESULTS = {
  'at-once': 'trips-at-once',
  seconds: 'trips-in-seconds',
  minutes: 'trips-in-minutes',
  hours: 'trips-after-hours',
} as const satisfies Record<Pace, Reset['result']>;

/**
 * A reset: how it felt and what came of it, across commas.
 *
 * @param cursor the line
 * @param i the piece where it begins
 * @returns what is said of it, and the piece behind it
 */
export function resetAt(
  cursor: Cursor,
  i: number,
): { reset: Reset; at?: string; problems: Problem[]; next: number } {
  const reset: Reset = {};
  const problems: Problem[] = [];
  let when: string | undefined;
  let [at, end] = [i, i];
  for (;;) {
    const phrase = cursor.phrase(at);
    const is = phrase?.meaning.is;
    const open = reset.result === undefined && reset.tripped === undefined;
    if (phrase?.meaning.is === 'feel') {
      if (reset.feel === undefined) reset.feel = phrase.meaning.feel;
      else
        problems.push({
          from: cursor.from(at),
          to: cursor.endBefore(phrase.next),
          hint: messages.onlyOneFeelPerResetPut,
        });
      at = phrase.next;
    } else if (phrase && is === 'reset') at = phrase.next;
    else if (phrase && (is === 'holds' || is === 'no-trip') && open && !carriesSo(cursor, phrase.next)) {
      reset.result = 'holds';
      at = phrase.next;
    } else if (phrase && is === 'trip' && open) {
      const how = circumstancesAt(cursor, phrase.next);
      problems.push(...how.problems);
      if (how.amps !== undefined)
        problems.push({
          from: cursor.from(at),
          to: cursor.endBefore(how.next),
          hint: messages.putTheCurrentOfATrip,
        });
      const pace = how.pace ?? (how.seconds === undefined ? undefined : paceOf(how.seconds));
      if (how.seconds !== undefined) reset.seconds = how.seconds;
      if (pace === undefined) reset.tripped = true;
      else reset.result = RESULTS[pace];
      when ??= how.at;
      at = how.next;
    } else {
      const more = moreOfReset(cursor, at);
      if (more === null) return { reset, ...(when !== undefined && { at: when }), problems, next: end };
      at = more;
      continue;
    }
    end = at;
  }
}

/** The piece behind a comma, a colon or fillers, where more of a reset follows. */
function moreOfReset(cursor: Cursor, at: number): number | null {
  const comma = cursor.isSeparator(at) && cursor.text(at) === ',' ? at + 1 : at;
  const next = cursor.skipFillers(/^[:–—-]$/.test(cursor.text(comma)) ? comma + 1 : comma);
  const is = cursor.phrase(next)?.meaning.is;
  const follows = is === 'feel' || is === 'holds' || is === 'trip' || is === 'no-trip';
  return follows && next > at ? next : null;
}
