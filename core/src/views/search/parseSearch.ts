import { monthNamed } from '../../facts/calendar/index.ts';
import type { TimelineKind } from '../timeline/index.ts';

/** A search as it was understood. */
export interface Search {
  /** What to look for in names, loads and notes; all of them must be found. */
  words: string[];
  kinds: TimelineKind[];
  /** From this instant on, and before that one; `null`: open. */
  from: string | null;
  to: string | null;
}

const KIND_WORDS: Record<string, TimelineKind> = {
  trip: 'trips',
  trips: 'trips',
  tripped: 'trips',
  reset: 'resets',
  resets: 'resets',
  reading: 'readings',
  readings: 'readings',
  measured: 'readings',
  note: 'notes',
  notes: 'notes',
  inspection: 'inspections',
  inspections: 'inspections',
  photo: 'photos',
  photos: 'photos',
  picture: 'photos',
  pictures: 'photos',
  decision: 'decisions',
  decisions: 'decisions',
  part: 'parts',
  parts: 'parts',
  replaced: 'parts',
};

/** First month of each season, 0 = January. */
const SEASONS: Record<string, number> = { spring: 2, summer: 5, autumn: 8, fall: 8, winter: 11 };
const FILLERS = new Set(['in', 'the', 'on', 'of', 'at', 'a', 'an', 'and', 'with', 'during']);

/** Year, month (0 = January) and day in the person's own time. */
export interface Day {
  year: number;
  month: number;
  day: number;
}

interface Span {
  from: Day;
  /** The day after the last. */
  to: Day;
  /** How many words said it. */
  taken: number;
}

const date = (year: number, month: number, day = 1): Day => {
  const normal = new Date(Date.UTC(year, month, day));
  return { year: normal.getUTCFullYear(), month: normal.getUTCMonth(), day: normal.getUTCDate() };
};

const isBefore = (a: Day, b: Day) => Date.UTC(a.year, a.month, a.day) < Date.UTC(b.year, b.month, b.day);

/** A season's three months: of winter the year is that of its December. */
const season = (name: string, year: number) => ({
  from: date(year, SEASONS[name]!),
  to: date(year, SEASONS[name]! + 3),
});

/** The season of that name that has begun last by a day. */
function latestSeason(name: string, today: Day) {
  const own = season(name, today.year);
  return isBefore(today, own.from) ? season(name, today.year - 1) : own;
}

function readSpan(words: readonly string[], i: number, today: Day): Span | null {
  const [word, next = ''] = [words[i]!, words[i + 1]];
  const span = (from: Day, to: Day, taken: number): Span => ({ from, to, taken });
  const { year, month, day } = today;
  if (word === 'today') return span(today, date(year, month, day + 1), 1);
  if (word === 'yesterday') return span(date(year, month, day - 1), today, 1);
  if (word === 'last' || word === 'this') {
    const back = word === 'last' ? 1 : 0;
    if (next === 'year') return span(date(year - back, 0), date(year - back + 1, 0), 2);
    if (next === 'month') return span(date(year, month - back), date(year, month - back + 1), 2);
    if (next === 'week') {
      const weekday = (new Date(Date.UTC(year, month, day)).getUTCDay() + 6) % 7;
      const monday = day - weekday - 7 * back;
      return span(date(year, month, monday), date(year, month, monday + 7), 2);
    }
    if (Object.hasOwn(SEASONS, next)) {
      const latest = latestSeason(next, today);
      // The last one is the last that is over.
      const running = isBefore(today, latest.to);
      const wanted = back === 1 && running ? season(next, latest.from.year - 1) : latest;
      return span(wanted.from, wanted.to, 2);
    }
    return null;
  }
  const nextYear = /^(19|20|21)\d\d$/.test(next) ? Number(next) : null;
  if (Object.hasOwn(SEASONS, word)) {
    const wanted = nextYear === null ? latestSeason(word, today) : season(word, nextYear);
    return span(wanted.from, wanted.to, nextYear === null ? 1 : 2);
  }
  const named = monthNamed(word);
  // “may” alone is as likely a word.
  if (named >= 0 && (word !== 'may' || nextYear !== null)) {
    const own = nextYear ?? (named > month ? year - 1 : year);
    return span(date(own, named), date(own, named + 1), nextYear === null ? 1 : 2);
  }
  if (/^20\d\d$/.test(word)) return span(date(Number(word), 0), date(Number(word) + 1, 0), 1);
  return null;
}

/**
 * Understand what is looked for: kinds of entries, a time, and words.
 *
 * @param text as it was typed
 * @param today the day it is where the person is
 * @param midnight the instant at which a day begins there
 * @returns words, kinds, and from when to when
 * @example parseSearch('trips last winter', { year: 2026, month: 10, day: 24 }, utcMidnight)
 *   // { words: [], kinds: ['trips'], from: '2025-12-01T00:00:00.000Z', to: '2026-03-01T00:00:00.000Z' }
 */
export function parseSearch(text: string, today: Day, midnight: (day: Day) => string): Search {
  const words = text
    .toLowerCase()
    .split(/[\s,;“”"]+/)
    .filter(Boolean);
  const found: Search = { words: [], kinds: [], from: null, to: null };
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    const bound = word === 'since' || word === 'before';
    const at = bound ? i + 1 : i;
    const span = at < words.length ? readSpan(words, at, today) : null;
    if (span) {
      if (word !== 'before') found.from = midnight(span.from);
      if (word !== 'since') found.to = midnight(word === 'before' ? span.from : span.to);
      i = at + span.taken - 1;
    } else if (Object.hasOwn(KIND_WORDS, word)) {
      if (!found.kinds.includes(KIND_WORDS[word]!)) found.kinds.push(KIND_WORDS[word]!);
    } else if (!FILLERS.has(word)) found.words.push(word);
  }
  return found;
}

/**
 * A day's beginning in UTC.
 *
 * @param day year, month (0: January) and day
 * @returns instant, ISO 8601
 * @example utcMidnight({ year: 2026, month: 2, day: 1 }) // '2026-03-01T00:00:00.000Z'
 */
export const utcMidnight = ({ year, month, day }: Day): string =>
  new Date(Date.UTC(year, month, day)).toISOString();
