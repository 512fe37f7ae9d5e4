import { amountAt } from './amounts.ts';
import type { Token } from './tokens.ts';
import { numberWord } from './units.ts';
import { instantOf, monthNamed, wallTime } from '../../facts/calendar/index.ts';

/** A time that a line says. */
export interface TypedTime {
  /** Instant, or why it cannot be. */
  at: string | { problem: string };
  next: number;
}

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const DAY_MS = 86_400_000;
const AGO_DAYS: Record<string, number> = { day: 1, days: 1, week: 7, weeks: 7 };

interface Clock {
  hours: number;
  minutes: number;
  next: number;
}
interface Day {
  /** 0: January. */
  month: number;
  day: number;
  /** null: the latest such day. */
  year: number | null;
  next: number;
}
type DayAt = Day | { back: number; next: number } | { weekday: number; isLast: boolean; next: number };

const half = (tokens: readonly Token[], i: number): { pm: boolean; next: number } | null => {
  const match = /^([ap])m?$/.exec(tokens[i]?.text ?? '');
  if (!match) return null;
  if (tokens[i]!.text.length === 2) return { pm: match[1] === 'p', next: i + 1 };
  // “p.m.”: its points are marks or separators of their own.
  const dotted = tokens[i + 1]?.text === '.' && tokens[i + 2]?.text === 'm';
  if (!dotted) return null;
  return { pm: match[1] === 'p', next: tokens[i + 3]?.text === '.' ? i + 4 : i + 3 };
};

function clockAt(tokens: readonly Token[], i: number): Clock | null {
  const token = tokens[i];
  if (!token) return null;
  if (token.text === 'noon') return { hours: 12, minutes: 0, next: i + 1 };
  if (token.text === 'midnight') return { hours: 0, minutes: 0, next: i + 1 };
  if (token.kind !== 'clock' && !/^\d{1,2}$/.test(token.text)) return null;
  const [hours = 0, minutes = 0] = token.text.split(':').map(Number);
  const noon = half(tokens, i + 1);
  if (noon) {
    if (hours < 1 || hours > 12) return null;
    return { hours: (hours % 12) + (noon.pm ? 12 : 0), minutes, next: noon.next };
  }
  if (token.kind !== 'clock' || hours > 23) return null;
  // “1:30 h” is so long.
  if (amountAt(tokens, i, 'C')) return null;
  return { hours, minutes, next: i + 1 };
}

/** “26”, “26th”. */
function dayOfMonth(tokens: readonly Token[], i: number): { day: number; next: number } | null {
  const text = tokens[i]?.kind === 'number' ? tokens[i].text : '';
  if (!/^\d{1,2}$/.test(text)) return null;
  const suffix = /^(?:st|nd|rd|th)$/.test(tokens[i + 1]?.text ?? '') ? 1 : 0;
  return { day: Number(text), next: i + 1 + suffix };
}

function yearAt(tokens: readonly Token[], i: number): { year: number | null; next: number } {
  const at = tokens[i]?.text === ',' ? i + 1 : i;
  return /^(?:19|20|21)\d\d$/.test(tokens[at]?.text ?? '')
    ? { year: Number(tokens[at]!.text), next: at + 1 }
    : { year: null, next: i };
}

function dayAt(tokens: readonly Token[], i: number): DayAt | null {
  const token = tokens[i];
  if (!token) return null;
  if (token.kind === 'date') {
    const [year, month, day] = token.text.split('-').map(Number);
    return { year: year!, month: month! - 1, day: day!, next: i + 1 };
  }
  if (token.text === 'today') return { back: 0, next: i + 1 };
  if (token.text === 'yesterday') return { back: 1, next: i + 1 };
  const last = token.text === 'last' ? i + 1 : i;
  const weekday = WEEKDAYS.indexOf(tokens[last]?.text ?? '');
  if (weekday >= 0) return { weekday, isLast: last > i, next: last + 1 };
  const month = token.kind === 'word' ? monthNamed(token.text) : -1;
  if (month >= 0) {
    const day = dayOfMonth(tokens, i + 1);
    return day && { month, day: day.day, ...yearAt(tokens, day.next) };
  }
  const day = dayOfMonth(tokens, i);
  if (!day) return null;
  const of = tokens[day.next]?.text === 'of' ? day.next + 1 : day.next;
  const named = monthNamed(tokens[of]?.text ?? '');
  // “12 nov 20” is of place 12.
  if (named >= 0 && /^\d{1,2}$/.test(tokens[of + 1]?.text ?? '') && tokens[of + 1]!.kind === 'number')
    return null;
  if (named >= 0) return { month: named, day: day.day, ...yearAt(tokens, of + 1) };
  return slashedDay(tokens, i);
}

/** “11/26”, “11/26/2026”: the month first, and no figure with a unit. */
function slashedDay(tokens: readonly Token[], i: number): Day | null {
  if (tokens[i + 1]?.text !== '/' || !/^\d{1,2}$/.test(tokens[i + 2]?.text ?? '')) return null;
  if (amountAt(tokens, i, 'C')?.of !== 'bare') return null;
  const [month, day] = [Number(tokens[i]!.text) - 1, Number(tokens[i + 2]!.text)];
  if (month < 0 || month > 11 || day < 1 || day > 31) return null;
  const withYear = tokens[i + 3]?.text === '/' && /^\d{4}$/.test(tokens[i + 4]?.text ?? '');
  // “12/14 off” is no date, nor is it two breakers.
  const isDated =
    withYear || tokens[i - 1]?.text === 'on' || clockAt(tokens, between(tokens, i + 3)) !== null;
  if (!isDated) return null;
  return { month, day, year: withYear ? Number(tokens[i + 4]!.text) : null, next: withYear ? i + 5 : i + 3 };
}

/** “20 min ago”, “half an hour ago”, “2 days ago”: how long, in ms. */
function agoAt(tokens: readonly Token[], i: number): { ms: number; next: number } | null {
  const amount = amountAt(tokens, i, 'C');
  if (amount?.of === 'seconds' && amount.problem === null && tokens[amount.next]?.text === 'ago')
    return { ms: amount.value * 1000, next: amount.next + 1 };
  const word = tokens[i]?.text ?? '';
  const n = word === 'a' || word === 'an' ? 1 : /^\d{1,4}$/.test(word) ? Number(word) : numberWord(word);
  const days = AGO_DAYS[tokens[i + 1]?.text ?? ''];
  if (n === null || days === undefined || tokens[i + 2]?.text !== 'ago') return null;
  return { ms: n * days * DAY_MS, next: i + 3 };
}

/** Where a date and a time of day may follow each other. */
const between = (tokens: readonly Token[], i: number): number => {
  let at = i;
  while (['at', 'on', ','].includes(tokens[at]?.text ?? '')) at++;
  return at;
};

/**
 * The time that is said from a piece on: a time of day, a date, both, or how long ago. A time of day without a date is
 * the latest one, a day without a year too; never one to come.
 *
 * @param tokens pieces of a line
 * @param i where it may begin
 * @param now instant, UTC
 * @param zone of the person’s clock, IANA name
 * @returns instant, UTC, or what is wrong with it; `null` where no time is said
 * @example momentAt(tokensOf('yesterday 19:20', 0), 0, '2026-11-27T10:00:00.000Z', 'UTC')
 *   // { at: '2026-11-26T19:20:00.000Z', next: 2 }
 */
export function momentAt(tokens: readonly Token[], i: number, now: string, zone: string): TypedTime | null {
  const text = tokens[i]?.text;
  if (text === 'now') return { at: now, next: i + 1 };
  if (text === 'just' && tokens[i + 1]?.text === 'now') return { at: now, next: i + 2 };
  const ago = agoAt(tokens, i);
  if (ago) {
    const at = Date.parse(now) - ago.ms;
    return {
      at: at < Date.UTC(1900, 0) ? { problem: 'This date is too long ago.' } : new Date(at).toISOString(),
      next: ago.next,
    };
  }
  const begins = /^(?:at|on)$/.test(text ?? '') ? i + 1 : i;
  let day = dayAt(tokens, begins);
  let clock = day ? null : clockAt(tokens, begins);
  if (!day && !clock) return null;
  const end = (day ?? clock)!.next;
  const more = between(tokens, end);
  if (day) clock = clockAt(tokens, more);
  else day = dayAt(tokens, more);
  const next = Math.max(end, day?.next ?? 0, clock?.next ?? 0);
  return { at: resolve(day, clock, now, zone), next };
}

const TO_COME = 'This time is in the future. Only log what has already happened.';

function resolve(day: DayAt | null, clock: Clock | null, now: string, zone: string): TypedTime['at'] {
  const today = wallTime(Date.parse(now), zone);
  const time = clock ? { ...clock, seconds: 0, ms: 0 } : today;
  const on = (year: number, month: number, date: number) => {
    const { hours, minutes, seconds, ms } = time;
    return instantOf({ year, month, day: date, hours, minutes, seconds, ms }, zone);
  };
  const before = (days: number) => on(today.year, today.month, today.day - days);
  const isPast = (at: number) => at <= Date.parse(now);
  let at: number;
  if (day === null) at = isPast(before(0)) ? before(0) : before(1);
  else if ('back' in day) at = before(day.back);
  else if ('weekday' in day) {
    const back = (today.weekday - day.weekday + 7) % 7;
    at = isPast(before(back)) && !(day.isLast && back === 0) ? before(back) : before(back + 7);
  } else {
    at = on(day.year ?? today.year, day.month, day.day);
    if (day.year === null && !isPast(at)) at = on(today.year - 1, day.month, day.day);
    const found = wallTime(at, zone);
    if (found.month !== day.month || found.day !== day.day)
      return { problem: 'This date does not exist. Type it like 2026-11-26 or Nov 26.' };
    if (at < Date.UTC(1900, 0)) return { problem: 'This date is too long ago.' };
  }
  return isPast(at) ? new Date(at).toISOString() : { problem: TO_COME };
}
