import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { dwellingRating } from '../../code/feeder/index.ts';
import {
  SERVICE_METHODS,
  serviceLoad,
  serviceLoadInput,
  type ServiceLoad,
  type ServiceMethod,
} from '../../code/serviceLoad/index.ts';
import { ampacity } from '../../code/sizing/index.ts';
import type { ServiceSheet } from '../../record/panelEntries/index.ts';
import * as messages from './messages.ts';

/** One school’s answer, or what it still needs. */
export type SchoolAnswer =
  { method: ServiceMethod; load: ServiceLoad } | { method: ServiceMethod; missing: string };

/**
 * The load of a service by all four schools, side by side.
 *
 * @param sheet what the dwelling has
 * @returns for each school its answer, or a sentence that says what it still needs
 * @example schoolsOf(sheet).map(({ method }) => method) // ['standard', 'optional', 'existing', 'measured']
 */
export const schoolsOf = (sheet: ServiceSheet): SchoolAnswer[] =>
  SERVICE_METHODS.map((method) => {
    const read = serviceLoadInput.safeParse({ ...sheet, method });
    return read.success
      ? { method, load: serviceLoad(read.data) }
      : { method, missing: read.error.issues[0]!.message };
  });

/** What a service is made of. */
export interface ServicePartRating {
  part: 'main' | 'bus' | 'meter-base' | 'conductors';
  amps: number;
}

/**
 * What each part of a service is good for, the smallest first: it is what counts.
 *
 * @param sheet main, bus, meter base and conductors as far as they are known
 * @returns A of each part that is known
 * @example servicePartsOf({ serviceAmps: 200, busAmps: 125, … })[0] // { part: 'bus', amps: 125 }
 */
export function servicePartsOf({
  serviceAmps,
  busAmps,
  meterBaseAmps,
  conductor,
}: Pick<ServiceSheet, 'serviceAmps' | 'busAmps' | 'meterBaseAmps' | 'conductor'>): ServicePartRating[] {
  const parts: ServicePartRating[] = [{ part: 'main', amps: serviceAmps }];
  if (busAmps !== null) parts.push({ part: 'bus', amps: busAmps });
  if (meterBaseAmps !== null) parts.push({ part: 'meter-base', amps: meterBaseAmps });
  if (conductor !== null) {
    const carries = ampacity({
      conductor: { ...conductor, insulationC: 75, cable: 'other' },
      terminalC: 75,
      ambientC: 30,
      currentCarrying: 3,
    });
    parts.push({ part: 'conductors', amps: Math.max(carries, dwellingRating(carries) ?? 0) });
  }
  return parts.sort((a, b) => a.amps - b.amps);
}

/** What people want to add, as it is rated; VA. Made-up figures of what is usual. */
export const ADDITIONS = {
  'vehicle-charger': { words: messages.evCharger, va: 9600, continuous: true },
  'heat-pump': { words: messages.heatPump, va: 5000, continuous: false },
  range: { words: messages.electricRange, va: 8000, continuous: false },
  workshop: { words: messages.workshop, va: 7200, continuous: false },
  other: { words: messages.other, va: 3000, continuous: false },
} as const;
export type AdditionId = keyof typeof ADDITIONS;

/** Settings a vehicle charger may have, A: four fifths of a breaker. */
const CHARGER_AMPS = [48, 40, 32, 24, 16, 12] as const;
/** A charger that waits for the rest of the house may have all that is left, down to this. */
const LEAST_MANAGED_AMPS = LOAD_LIMITS.managedLeastAmps;

/** Whether something can be added to a service. */
export interface Addition {
  /** It fits; with a smaller setting, or only with load management; or the service has to grow. */
  answer: 'fits' | 'smaller' | 'managed' | 'grow';
  after: ServiceLoad;
  /** The largest setting of a charger that fits, A at 240 V; `null`: no charger, or none fits. */
  settingAmps: number | null;
  /** What would carry it, A; `null`: beyond the tables. */
  growToAmps: number | null;
}

/**
 * Whether a load can be added, by one school; where not, what would do.
 *
 * @param sheet what the dwelling has, with the smallest part of its service as `serviceAmps`
 * @param added what is wanted: VA, and whether it runs three hours or more
 * @param method the school
 * @param isCharger whether it can be set smaller, and made to wait
 * @returns the answer, the load with it, a smaller setting (A), what the service would have to be (A)
 * @throws ZodError where the school lacks a figure
 * @example canAdd(sheet, { va: 9600, continuous: true }, 'existing', true).answer // 'smaller'
 */
export function canAdd(
  sheet: ServiceSheet,
  added: { va: number; continuous: boolean },
  method: ServiceMethod,
  isCharger: boolean,
): Addition {
  const withLoad = (va: number) =>
    serviceLoad({ ...sheet, method, added: [...sheet.added, { ...added, id: freeId(sheet), va }] });
  const after = withLoad(added.va);
  const setting = isCharger
    ? (CHARGER_AMPS.find((amps) => amps * sheet.volts <= added.va && withLoad(amps * sheet.volts).fits) ??
      null)
    : null;
  const growToAmps = after.minServiceAmps;
  if (after.fits) return { answer: 'fits', after, settingAmps: setting, growToAmps: null };
  if (setting !== null) return { answer: 'smaller', after, settingAmps: setting, growToAmps };
  const now = serviceLoad({ ...sheet, method });
  if (isCharger && now.headroomAmps >= LEAST_MANAGED_AMPS)
    return { answer: 'managed', after, settingAmps: null, growToAmps };
  return { answer: 'grow', after, settingAmps: null, growToAmps };
}

function freeId({ fixed, added }: ServiceSheet): string {
  const taken = new Set([...fixed, ...added].map(({ id }) => id));
  let id = 'wanted';
  while (taken.has(id)) id += ' ';
  return id;
}
