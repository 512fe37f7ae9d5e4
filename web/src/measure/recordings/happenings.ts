import { sayDuration, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { LoadEvent, TripEvent, VoltageEvent } from '@phylaxon/core/physics/loggedCurrent';
import type { Mark } from './drawnChannel.ts';
import type { Happened } from './recordingWorker.ts';
import * as messages from './messages.ts';

/** Something that happened in one of the channels. */
export interface Happening {
  channel: number;
  atMs: number;
  mark: Mark['kind'];
  event: LoadEvent | VoltageEvent;
}

/** As a line of a list. */
export interface SaidHappening {
  what: string;
  figures: string;
}

const MARKS: Record<Happening['event']['kind'], Mark['kind']> = {
  'switched-on': 'on',
  'switched-off': 'off',
  trip: 'trip',
  restored: 'restored',
  sag: 'sag',
  swell: 'sag',
  dead: 'sag',
};

/** What happened in all channels, in order. */
export const happeningsOf = ({ currents, voltages }: Happened): Happening[] =>
  currents
    .flatMap((current, channel) =>
      [...(current?.events ?? []), ...(voltages[channel] ?? [])].map((event) => ({
        channel,
        atMs: event.atMs,
        mark: MARKS[event.kind],
        event,
      })),
    )
    .sort((a, b) => a.atMs - b.atMs);

/** A trip can be put on record. */
export const tripOf = ({ event }: Happening): TripEvent | null => (event.kind === 'trip' ? event : null);

const amps = (value: number) => sayQuantity(value, 'A');
const VOLTAGE_WORDS = { sag: messages.sag, swell: messages.swell, dead: messages.noVoltage } as const;

/**
 * What happened, in words.
 *
 * @param nameOf a load’s name
 */
export function sayHappening({ event }: Happening, nameOf: (loadId: string) => string | null): SaidHappening {
  switch (event.kind) {
    case 'trip':
      return {
        what: event.isOverload ? messages.trippedOnAnOverload : messages.droppedToZeroTrippedOrTurned,
        figures: messages.forAfter(amps(event.amps), sayDuration(event.seconds), amps(event.preloadAmps)),
      };
    case 'restored':
      return {
        what: messages.powerBack,
        figures: messages.afterOff(amps(event.amps), sayDuration(event.offSeconds)),
      };
    case 'switched-on':
    case 'switched-off': {
      const name = (event.loadId !== null && nameOf(event.loadId)) || messages.something;
      const isOn = event.kind === 'switched-on';
      const start = event.start ? messages.startedAt(event.start.multiple.toFixed(1)) : '';
      return {
        what: `${name} ${isOn ? 'on' : 'off'}`,
        figures: `${isOn ? '+' : '−'}${amps(event.amps)}${start}`,
      };
    }
    default:
      return {
        what: VOLTAGE_WORDS[event.kind],
        figures: messages.toForUsually(
          sayQuantity(event.volts, 'V'),
          sayDuration(event.seconds),
          sayQuantity(event.usualVolts, 'V'),
        ),
      };
  }
}
