import { ambientC, amps, seconds } from '@phylaxon/core/facts/quantities';
import { CAUSE_STATES, note, PACES, type EventInput } from '@phylaxon/core/record/entities';
import { z } from 'zod';
import { inUnit, nowLocal, toInstant, type Option, type Units } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Fields that a trip and a reset share. Minutes and seconds are one time to the record. */
export const circumstanceFields = ({ toCelsius }: Units) => ({
  at: z.string().min(1, messages.sayWhen),
  pace: z.enum(PACES).nullable(),
  minutes: seconds.nullable(),
  seconds: seconds.nullable(),
  amps: amps.nullable(),
  preloadAmps: amps.nullable(),
  ambientC: inUnit(ambientC, toCelsius),
  unplugged: z.boolean(),
  cause: z.enum(CAUSE_STATES),
  note,
});
export type Circumstances = z.output<z.ZodObject<ReturnType<typeof circumstanceFields>>>;

export const freshCircumstances = (): Circumstances => ({
  at: nowLocal(),
  pace: null,
  minutes: null,
  seconds: null,
  amps: null,
  preloadAmps: null,
  ambientC: null,
  unplugged: false,
  cause: 'unknown',
  note: '',
});

/** The time it took, in s; null if it was not timed. */
export function afterSeconds({
  minutes,
  seconds,
}: Pick<Circumstances, 'minutes' | 'seconds'>): number | null {
  return minutes === null && seconds === null ? null : (minutes ?? 0) * 60 + (seconds ?? 0);
}

/** The circumstances as the record takes them. */
export function circumstancesToRecord(values: Circumstances, { toCelsius }: Units) {
  const { minutes, seconds, at, ambientC: typed, ...rest } = values;
  return {
    ...rest,
    ambientC: typed === null ? null : toCelsius(typed),
    at: toInstant(at),
    afterSeconds: afterSeconds({ minutes, seconds }),
  } satisfies Partial<EventInput>;
}

export const PACE_OPTIONS: Option[] = [
  { value: 'at-once', label: messages.immediately },
  { value: 'seconds', label: messages.withinAMinute },
  { value: 'minutes', label: messages.withinTheHour },
  { value: 'hours', label: messages.later },
];

export const CAUSE_OPTIONS: Option[] = [
  { value: 'unknown', label: messages.notKnown },
  { value: 'known-removed', label: messages.knownAndRemoved },
  { value: 'known-present', label: messages.knownStillPresent },
];
