import { sayDuration } from '@phylaxon/core/facts/quantities';
import { sayOutcome } from '@phylaxon/core/facts/vocabulary';
import { usualError, usualInstrument } from '@phylaxon/core/facts/instruments';
import { PACE_WORDS, QUANTITY_UNITS } from '@phylaxon/core/record/entities';
import type { Added, LineEntry } from '@phylaxon/core/record/readingLine';
import { ampsText, LOAD_STATE_WORDS, type Units } from '../../shared/ui/index.ts';
import { POINT_WORDS } from '../../shared/entryWords/index.ts';
import * as messages from './messages.ts';

/** An entry as it will stand in the log. */
export interface SaidEntry {
  what: string;
  figure: string | null;
  details: string[];
}

const FEELS = {
  'clean-clicks': messages.clicksCleanly,
  'no-off-click': messages.neverClickedOff,
  'hard-or-gritty': messages.hardOrGritty,
  'will-not-latch': messages.willNotLatch,
} as const;
const RESULTS = {
  holds: 'holds',
  'trips-at-once': messages.trippedAgainImmediately,
  'trips-in-seconds': messages.trippedAgainWithinAMinute,
  'trips-in-minutes': messages.trippedAgainWithinTheHour,
  'trips-after-hours': messages.trippedAgainAfterMoreThanAn,
} as const;

const present = (...texts: (string | null | undefined | false)[]) =>
  texts.filter((text): text is string => Boolean(text));

/** What a line was understood to say, in the words of the log. */
export function sayEntry(entry: LineEntry, added: Added, now: string, units: Units): SaidEntry {
  const when = entry.at === now ? null : units.timeText(entry.at);
  switch (entry.kind) {
    case 'reading': {
      const { quantity, point, value } = entry;
      const unit = QUANTITY_UNITS[quantity];
      const error = usualError(usualInstrument(quantity, point), quantity, value);
      const air = quantity === 'temperature' ? (entry.ambientC ?? added.airC) : undefined;
      return {
        what: quantity === 'power' ? messages.powerAtThePlugInMeterTitle : POINT_WORDS[point],
        figure: units.quantityText(value, unit),
        details: present(
          error !== null && units.errorText(error, unit),
          air !== undefined && messages.ambient(units.temperatureText(air)),
          entry.loadState === undefined || entry.loadState === 'unknown'
            ? null
            : LOAD_STATE_WORDS[entry.loadState],
          when,
        ),
      };
    }
    case 'trip': {
      const pace = entry.pace ?? added.pace;
      const soon =
        entry.seconds !== undefined ? messages.after(sayDuration(entry.seconds)) : pace && PACE_WORDS[pace];
      return {
        what: messages.tripped(soon ?? '').trim(),
        figure: entry.amps === undefined ? null : ampsText(entry.amps),
        details: present(when),
      };
    }
    case 'no-trip':
      return {
        what: messages.heldFor(sayDuration(entry.seconds)),
        figure: ampsText(entry.amps),
        details: present(when),
      };
    case 'reset': {
      const feel = entry.feel ?? added.feel;
      const result = entry.result
        ? RESULTS[entry.result]
        : entry.tripped || added.result === 'tripped'
          ? messages.trippedAgain(added.pace ? PACE_WORDS[added.pace] : '').trim()
          : added.result;
      return {
        what: [messages.reset, ...present(feel && FEELS[feel], result)].join(', '),
        figure: null,
        details: present(when),
      };
    }
    case 'handle':
      return { what: messages.handle(entry.position), figure: null, details: present(when) };
    case 'finding':
      return { what: units.say(sayOutcome(entry.test, entry.outcome)), figure: null, details: present(when) };
  }
}
