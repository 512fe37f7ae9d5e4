import { INSTRUMENT_NAMES } from '@phylaxon/core/facts/instruments';
import { sayClockAhead } from '@phylaxon/core/record/clocks';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import {
  PACE_WORDS,
  sayInspection,
  type BreakerEvent,
  type Photo,
  type Reading,
  type ReadingInput,
} from '@phylaxon/core/record/entities';
import type { TimelineEntry, TimelineKind } from '@phylaxon/core/views/timeline';
import { sayOutcome } from '@phylaxon/core/facts/vocabulary';
import type { EntryKind } from '../api/index.ts';
import { ampsText, familyMark, KIND_WORDS, type Units } from '../ui/index.ts';

/** One line of a breaker’s timeline, in words. */
export interface TimelineLine {
  id: string;
  /** A name of its own: a part is told of twice, when it came and when it went. */
  key: string;
  kind: TimelineKind;
  at: string;
  what: string;
  figure: string | null;
  details: string[];
  struck: Reading['struck'];
  /** The simulated stand-in told it. */
  simulated: boolean;
  /** What it is struck as; `null`: a decision or a part, which are never struck. */
  strikable: EntryKind | null;
  /** The reading behind the line, which can be corrected in one go. */
  reading?: Reading;
  photo?: Photo;
}

export const KIND_NAMES: Record<TimelineKind, string> = {
  readings: 'Readings',
  trips: 'Trips and holds',
  resets: 'Resets and handle',
  looks: 'Observations and tests',
  inspections: 'Inspections',
  decisions: 'Decisions',
  parts: 'Breakers installed or removed',
  notes: 'Notes',
  photos: 'Photos',
};

export const POINT_WORDS: Record<Reading['point'], string> = {
  outlet: 'Voltage at the outlet',
  'load-terminal': 'Voltage at its load terminal',
  'load-terminal-2': 'Voltage at its second load terminal',
  'leg-a': 'Supply leg A to neutral',
  'leg-b': 'Supply leg B to neutral',
  legs: 'Voltage leg to leg',
  across: 'Voltage drop across the closed breaker',
  conductor: 'Current on its conductor',
  plug: 'Current at the plug-in meter',
  face: 'Face temperature',
  terminal: 'Terminal temperature',
};

const CAUSES = {
  unknown: null,
  'known-present': 'cause known, still present',
  'known-removed': 'cause known and removed',
} as const;
const JUDGED: Record<string, string> = {
  'too-early': 'too early for a sound breaker',
  'within-band': 'normal for a sound breaker',
  'too-late': 'too late for a sound breaker',
};

const WHO_WORDS = { homeowner: 'by a homeowner', electrician: 'by an electrician' } as const;
/** Who logged it, where that is known. */
const byWhom = (who: keyof typeof WHO_WORDS | null | undefined) => (who ? WHO_WORDS[who] : null);

const present = (...texts: (string | null | false | undefined)[]) =>
  texts.filter((text): text is string => Boolean(text));

function readingLine(reading: Reading, { errorText, quantityText, temperatureText }: Units) {
  const { note, instrument, loadState } = reading;
  return {
    reading,
    what: reading.quantity === 'power' ? 'Power at the plug-in meter' : POINT_WORDS[reading.point],
    figure: quantityText(reading.value, reading.unit),
    details: present(
      reading.ambientC !== null && `ambient ${temperatureText(reading.ambientC)}`,
      instrument !== 'unknown' && INSTRUMENT_NAMES[instrument],
      reading.error !== null && errorText(reading.error, reading.unit),
      loadState !== 'unknown' && loadState.replaceAll('-', ' '),
      byWhom(reading.who),
      note,
    ),
  };
}

function eventLine(event: BreakerEvent, verdict: string | null) {
  const soon =
    event.afterSeconds !== null
      ? `after ${sayDuration(event.afterSeconds)}`
      : event.pace && PACE_WORDS[event.pace];
  const ended =
    event.result === 'tripped' ? `: tripped again ${soon ?? ''}` : event.result === 'holds' ? ': holds' : '';
  const what = {
    trip: `Tripped ${soon ?? ''}`,
    reset: `Reset${ended}`,
    handle: `Handle position: ${event.position ?? ''}`,
    'no-trip': `Held for ${sayDuration(event.afterSeconds ?? 0)}`,
  }[event.kind].trim();
  return {
    what,
    figure: event.amps === null ? null : ampsText(event.amps),
    details: present(
      verdict && JUDGED[verdict],
      event.feel && sayOutcome('reset-feel', event.feel),
      event.power && sayOutcome('power-after-reset', event.power),
      event.unplugged && 'everything unplugged',
      event.connected && event.connected.length > 0 && `with only ${event.connected.join(', ')} connected`,
      CAUSES[event.cause],
      byWhom(event.who),
      event.note,
    ),
  };
}

type OfKind<K extends TimelineKind> = Extract<TimelineEntry, { kind: K }>;

function decisionLine({ verdict, stands }: OfKind<'decisions'>, { say }: Units) {
  const { decision } = verdict;
  const { word } = familyMark({ ...decision, stop: decision.stop.active });
  const headline = decision.headline.startsWith(word) ? decision.headline : `${word}: ${decision.headline}`;
  return {
    what: `${headline}${stands ? ' (stands)' : ''}`,
    figure: null,
    details: present(decision.reasons[0] && say(decision.reasons[0].text)),
  };
}

function partLine({ part: { breaker, what, inPlaceOf } }: OfKind<'parts'>, { dateText }: Units) {
  const unit = present(
    `${breaker.ratingAmps} A`,
    breaker.kind !== 'standard' && KIND_WORDS[breaker.kind],
    breaker.family,
  ).join(' ');
  if (what === 'taken-out') return { what: `Removed: ${unit}`, figure: null, details: [] };
  return {
    what: inPlaceOf ? `Installed: ${unit}` : `On record: ${unit}`,
    figure: null,
    details: present(
      breaker.installedOn && `installed ${dateText(breaker.installedOn)}`,
      inPlaceOf && `replaces ${inPlaceOf.ratingAmps} A ${inPlaceOf.family}`.trim(),
      breaker.why,
    ),
  };
}

/** What was logged, where an entry is of the log. */
function loggedIn(entry: TimelineEntry): { at: string; loggedAt: string } | null {
  switch (entry.kind) {
    case 'readings':
      return entry.reading;
    case 'trips':
    case 'resets':
      return entry.event;
    case 'looks':
      return entry.observation;
    case 'inspections':
      return entry.inspection;
    case 'notes':
      return entry.note;
    case 'photos':
      return entry.photo;
    case 'decisions':
    case 'parts':
      return null;
  }
}

/** An entry in words, marked where its time was ahead of the clock it was logged by. */
export function timelineLine(entry: TimelineEntry, units: Units): TimelineLine {
  const line = lineOf(entry, units);
  const logged = loggedIn(entry);
  const mark = logged && sayClockAhead(logged);
  return mark === null ? line : { ...line, details: [...line.details, mark] };
}

function lineOf(entry: TimelineEntry, units: Units): TimelineLine {
  const { id, kind, at } = entry;
  const base = {
    id,
    key: `${kind} ${id} ${at}`,
    kind,
    at,
    struck: null,
    strikable: null,
    simulated: false,
  };
  switch (entry.kind) {
    case 'readings':
      return {
        ...base,
        ...readingLine(entry.reading, units),
        struck: entry.reading.struck,
        strikable: 'readings',
        simulated: entry.reading.simulated,
      };
    case 'trips':
    case 'resets':
      return {
        ...base,
        ...eventLine(entry.event, entry.verdict),
        struck: entry.event.struck,
        strikable: 'events',
        simulated: entry.event.simulated,
      };
    case 'looks': {
      const { test, outcome, note, who, struck, simulated } = entry.observation;
      const what = units.say(sayOutcome(test, outcome));
      return {
        ...base,
        what,
        figure: null,
        details: present(byWhom(who), note),
        struck,
        strikable: 'observations',
        simulated,
      };
    }
    case 'inspections': {
      const { inspection } = entry;
      const { name, found, concern } = sayInspection(inspection);
      return {
        ...base,
        what: `${name}: ${units.say(found)}`,
        figure: null,
        details: present(concern && units.say(concern.text), byWhom(inspection.who), inspection.note),
        struck: inspection.struck,
        strikable: 'inspections',
        simulated: inspection.simulated,
      };
    }
    case 'notes':
      return {
        ...base,
        what: entry.note.note,
        figure: null,
        details: present(byWhom(entry.note.who)),
        struck: entry.note.struck,
        strikable: 'notes',
      };
    case 'photos':
      return {
        ...base,
        what: entry.photo.note || 'Photo',
        figure: null,
        details: [],
        struck: entry.photo.struck,
        strikable: 'photos',
        photo: entry.photo,
      };
    case 'decisions':
      return { ...base, ...decisionLine(entry, units) };
    case 'parts':
      return { ...base, ...partLine(entry, units) };
  }
}

/** A reading with another figure, as it is sent to take the struck one’s place. */
export function corrected(reading: Reading, value: number): ReadingInput {
  const { quantity, point, at, loadState, instrument, note, caseId, simulated, ambientC } = reading;
  const same = { quantity, point, value, at, loadState, instrument, note, caseId, simulated };
  return (quantity === 'temperature' ? { ...same, ambientC } : same) as ReadingInput;
}
