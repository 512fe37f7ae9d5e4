import { sayDuration, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { LoadEvent, TripEvent, VoltageEvent } from '@phylaxon/core/physics/loggedCurrent';
import type { Mark } from './LogChart.tsx';
import type { Happened } from './recordingWorker.ts';

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
const VOLTAGE_WORDS = { sag: 'Sag', swell: 'Swell', dead: 'No voltage' } as const;

/**
 * What happened, in words.
 *
 * @param nameOf a load’s name
 */
export function sayHappening({ event }: Happening, nameOf: (loadId: string) => string | null): SaidHappening {
  switch (event.kind) {
    case 'trip':
      return {
        what: event.isOverload
          ? 'Tripped on an overload'
          : 'Went off all at once: tripped, or switched off by hand',
        figures: `${amps(event.amps)} for ${sayDuration(event.seconds)}, after ${amps(event.preloadAmps)}`,
      };
    case 'restored':
      return { what: 'Back on', figures: `${amps(event.amps)}, after ${sayDuration(event.offSeconds)} off` };
    case 'switched-on':
    case 'switched-off': {
      const name = (event.loadId !== null && nameOf(event.loadId)) || 'Something';
      const isOn = event.kind === 'switched-on';
      const start = event.start ? `, started at ${event.start.multiple.toFixed(1)} ×` : '';
      return {
        what: `${name} ${isOn ? 'on' : 'off'}`,
        figures: `${isOn ? '+' : '−'}${amps(event.amps)}${start}`,
      };
    }
    default:
      return {
        what: VOLTAGE_WORDS[event.kind],
        figures: `to ${sayQuantity(event.volts, 'V')} for ${sayDuration(event.seconds)}, usually ${sayQuantity(event.usualVolts, 'V')}`,
      };
  }
}
