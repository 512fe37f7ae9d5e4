import type { Sheet } from '@phylaxon/core/board';
import { sayDuration } from '@phylaxon/core/quantities';
import { sayOutcome } from '@phylaxon/core/vocabulary';
import type { BreakerEvent, Reading, ReadingInput } from '@phylaxon/core/record';
import type { EntryKind } from '../api/index.ts';
import { ampsText, celsiusText, quantityText } from '../shared/index.ts';

/** One line of a breaker’s story. */
export interface StoryEntry {
  id: string;
  kind: EntryKind;
  at: string;
  what: string;
  figure: string | null;
  details: string[];
  struck: Reading['struck'];
  /** The reading behind the line, which can be corrected in one go. */
  reading?: Reading;
}

const POINT_WORDS: Record<Reading['point'], string> = {
  outlet: 'Voltage at the outlet',
  'load-terminal': 'Voltage at its load terminal',
  'load-terminal-2': 'Voltage at its second load terminal',
  'leg-a': 'Supply leg A to neutral',
  'leg-b': 'Supply leg B to neutral',
  conductor: 'Current on its conductor',
  plug: 'Current at the plug',
  face: 'Temperature of its face',
  terminal: 'Temperature of its terminal',
};

const PACE_WORDS = {
  'at-once': 'at once',
  seconds: 'within a minute',
  minutes: 'within the hour',
  hours: 'after more than an hour',
} as const;
const CAUSE_WORDS = {
  unknown: null,
  'known-present': 'cause known, still there',
  'known-removed': 'cause known and removed',
} as const;

const present = (...texts: (string | null | false | undefined)[]) =>
  texts.filter((text): text is string => Boolean(text));

function readingEntry(reading: Reading): StoryEntry {
  const { id, at, struck, note, instrument, loadState } = reading;
  return {
    id,
    reading,
    kind: 'readings',
    at,
    struck,
    what: POINT_WORDS[reading.point],
    figure: quantityText(reading.value, reading.unit),
    details: present(
      reading.ambientC !== null && `air ${celsiusText(reading.ambientC)}`,
      instrument !== 'unknown' && instrument.replaceAll('-', ' '),
      loadState !== 'unknown' && loadState.replaceAll('-', ' '),
      note,
    ),
  };
}

function eventEntry(event: BreakerEvent, judged: string | null): StoryEntry {
  const { id, at, struck, kind, note } = event;
  const soon =
    event.afterSeconds !== null
      ? `after ${sayDuration(event.afterSeconds)}`
      : event.pace && PACE_WORDS[event.pace];
  const what = {
    trip: `Tripped ${soon ?? ''}`,
    reset: `Reset${event.result === 'tripped' ? `: tripped again ${soon ?? ''}` : event.result === 'holds' ? ': holds' : ''}`,
    handle: `Handle seen ${event.position ?? ''}`,
  }[kind].trim();
  return {
    id,
    kind: 'events',
    at,
    struck,
    what,
    figure: event.amps === null ? null : ampsText(event.amps),
    details: present(
      judged,
      event.feel && sayOutcome('reset-feel', event.feel),
      event.power && sayOutcome('power-after-reset', event.power),
      event.unplugged && 'everything unplugged',
      CAUSE_WORDS[event.cause],
      note,
    ),
  };
}

const JUDGED = {
  'too-early': 'too early for a sound unit',
  'within-band': 'as a sound unit would',
  'too-late': 'too late for a sound unit',
} as const;

/** Everything logged of a breaker, newest first. */
export function storyOf({ readings, events, observations, trips }: Sheet): StoryEntry[] {
  const judged = new Map(trips.map((trip) => [trip.eventId, trip.verdict && JUDGED[trip.verdict]]));
  return [
    ...readings.map(readingEntry),
    ...events.map((event) => eventEntry(event, judged.get(event.id) ?? null)),
    ...observations.map((o): StoryEntry => ({
      id: o.id,
      kind: 'observations',
      at: o.at,
      what: sayOutcome(o.test, o.outcome),
      figure: null,
      details: present(o.note),
      struck: o.struck,
    })),
  ].sort((a, b) => b.at.localeCompare(a.at));
}

/** A reading with another figure, as it is sent to take the struck one’s place. */
export function corrected(reading: Reading, value: number): ReadingInput {
  const { quantity, point, at, loadState, instrument, note, ambientC } = reading;
  const same = { quantity, point, value, at, loadState, instrument, note };
  return (quantity === 'temperature' ? { ...same, ambientC } : same) as ReadingInput;
}
