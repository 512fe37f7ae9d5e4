import type { LoadEvent, VoltageEvent } from '@phylaxon/core/physics/loggedCurrent';
import { sayDuration, sayQuantity } from '@phylaxon/core/facts/quantities';
import type { Mark } from './LogChart.tsx';
import type { Happened } from './recordingWorker.ts';

/** Something that happened, as a line of a list. */
export interface Happening {
  key: string;
  /** In which channel. */
  channel: number;
  atMs: number;
  mark: Mark['kind'];
  what: string;
  figures: string;
  /** A trip can be put on record. */
  trip: Extract<LoadEvent, { kind: 'trip' }> | null;
}

const amps = (value: number) => sayQuantity(value, 'A');

function ofCurrent(event: LoadEvent, channel: number, nameOf: (loadId: string) => string | null): Happening {
  const base = {
    key: `${channel} ${event.kind} ${event.atMs} ${event.amps}`,
    channel,
    atMs: event.atMs,
    trip: null,
  };
  switch (event.kind) {
    case 'trip':
      return {
        ...base,
        mark: 'trip',
        what: event.byHeat ? 'Tripped' : 'Went off all at once: tripped, or switched off by hand',
        figures: `${amps(event.amps)} for ${sayDuration(event.seconds)}, after ${amps(event.preloadAmps)}`,
        trip: event,
      };
    case 'restored':
      return {
        ...base,
        mark: 'restored',
        what: 'Back on',
        figures: `${amps(event.amps)}, after ${sayDuration(event.offSeconds)} off`,
      };
    default: {
      const name = (event.loadId !== null && nameOf(event.loadId)) || 'Something';
      const start = event.start ? `, started at ${event.start.multiple.toFixed(1)} ×` : '';
      return {
        ...base,
        mark: event.kind === 'switched-on' ? 'on' : 'off',
        what: `${name} ${event.kind === 'switched-on' ? 'on' : 'off'}`,
        figures: `${event.kind === 'switched-on' ? '+' : '−'}${amps(event.amps)}${start}`,
      };
    }
  }
}

const VOLTAGE_WORDS = { sag: 'Sag', swell: 'Swell', dead: 'No voltage' } as const;

const ofVoltage = (event: VoltageEvent, channel: number): Happening => ({
  key: `${channel} ${event.kind} ${event.atMs}`,
  channel,
  atMs: event.atMs,
  mark: 'sag',
  what: VOLTAGE_WORDS[event.kind],
  figures: `to ${sayQuantity(event.volts, 'V')} for ${sayDuration(event.seconds)}, usually ${sayQuantity(event.usualVolts, 'V')}`,
  trip: null,
});

/**
 * What happened in all channels, in order.
 *
 * @param nameOf a load’s name
 */
export function happeningsOf(
  { currents, voltages }: Happened,
  nameOf: (loadId: string) => string | null,
): Happening[] {
  return [
    ...currents.flatMap((current, i) => (current?.events ?? []).map((event) => ofCurrent(event, i, nameOf))),
    ...voltages.flatMap((voltage, i) => (voltage ?? []).map((event) => ofVoltage(event, i))),
  ].sort((a, b) => a.atMs - b.atMs);
}
