import type { TestId } from '../../facts/vocabulary/index.ts';
import type { Pace } from '../entities/index.ts';
import { FINDING_PHRASES } from '../phrases/index.ts';
import type { LineEntry, LinePlace, LineReading } from './schema.ts';
import { wallTime } from '../../facts/calendar/index.ts';
import * as messages from './messages.ts';

const PACE_WORDS: Record<Pace, string> = {
  'at-once': 'immediately',
  seconds: messages.withinSeconds,
  minutes: messages.withinMinutes,
  hours: messages.afterHours,
};
const FEEL_WORDS = {
  'clean-clicks': 'clicks',
  'no-off-click': messages.noClick,
  'hard-or-gritty': 'gritty',
  'will-not-latch': messages.willNotLatch,
} as const;
const RESULT_WORDS = {
  holds: 'holds',
  'trips-at-once': messages.tripsAtOnce,
  'trips-in-seconds': messages.tripsWithinSeconds,
  'trips-in-minutes': messages.tripsWithinMinutes,
  'trips-after-hours': messages.tripsAfterHours,
} as const;
const LOAD_WORDS = {
  unknown: '',
  'no-load': messages.noLoad,
  normal: 'usual',
  'everything-on': messages.everythingOn,
} as const;
const POINT_WORDS: Record<LineReading['point'], string> = {
  'load-terminal': '',
  'load-terminal-2': messages.secondPole,
  'leg-a': messages.legA,
  'leg-b': messages.legB,
  legs: 'across',
  outlet: 'outlet',
  conductor: '',
  plug: 'plug',
  face: 'face',
  terminal: 'term',
  across: '',
};
const UNIT_WORDS: Record<LineReading['quantity'], string> = {
  voltage: 'V',
  current: 'A',
  temperature: 'C',
  power: 'W',
  millivolts: 'mV',
};

/** A figure in digits, however small. */
const digits = (value: number) =>
  /e/.test(String(value)) ? value.toFixed(20).replace(/\.?0+$/, '') : String(value);

const joined = (...parts: (string | undefined)[]) => parts.filter(Boolean).join(' ');

function what(entry: LineEntry): string {
  switch (entry.kind) {
    case 'reading': {
      const air =
        entry.quantity === 'temperature' && entry.ambientC !== undefined
          ? messages.ambC(digits(entry.ambientC))
          : '';
      const figure = `${digits(entry.value)} ${UNIT_WORDS[entry.quantity]}`;
      return joined(POINT_WORDS[entry.point], figure, air, LOAD_WORDS[entry.loadState ?? 'unknown']);
    }
    case 'trip':
      return joined(
        'tripped',
        entry.pace && PACE_WORDS[entry.pace],
        entry.seconds === undefined ? '' : messages.afterS(digits(entry.seconds)),
        entry.amps === undefined ? '' : messages.atA(digits(entry.amps)),
      );
    case 'no-trip':
      return messages.noTripSAtA(digits(entry.seconds), digits(entry.amps));
    case 'reset':
      return joined(
        'reset',
        entry.feel && FEEL_WORDS[entry.feel],
        entry.tripped ? 'trips' : entry.result && RESULT_WORDS[entry.result],
        entry.seconds === undefined ? '' : messages.afterS(digits(entry.seconds)),
      );
    case 'handle':
      return messages.handle(entry.position);
    case 'finding':
      return (FINDING_PHRASES[entry.test as TestId] as Record<string, readonly string[]>)[entry.outcome]![0]!;
  }
}

function when(at: string, now: string, zone: string): string {
  const ms = Date.parse(now) - Date.parse(at);
  if (ms === 0) return '';
  if (ms % 1000 === 0) return messages.sAgo(ms / 1000);
  const { year, month, day, hours, minutes } = wallTime(Date.parse(at), zone);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${year}-${two(month + 1)}-${two(day)} ${two(hours)}:${two(minutes)}`;
}

/**
 * What a line was understood to say, back in shorthand, a line for each entry: it is understood the same again.
 *
 * @param entries as `readingLine` gave them; V, A, °C, W, mV, s
 * @param places the places it was given
 * @param now the clock it was given, instant
 * @param zone the zone it was given
 * @returns lines
 * @throws never
 * @example sayEntries([trip], [{ id: 'a', place: '12', label: '' }], now, 'UTC') // '12: tripped after 480 s at 17 A'
 */
export function sayEntries(
  entries: readonly LineEntry[],
  places: readonly LinePlace[],
  now: string,
  zone: string,
): string {
  const placeOf = new Map(places.map(({ id, place }) => [id, place]));
  return entries
    .map((entry) => joined(`${placeOf.get(entry.placeId)}:`, what(entry), when(entry.at, now, zone)))
    .join('\n');
}
