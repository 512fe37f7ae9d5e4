import { z } from 'zod';
import { amps } from '../../facts/quantities/index.ts';
import {
  DWELLING_LOAD,
  DWELLING_SERVICE,
  electrodeConductor,
  MATERIALS,
  type FeederGauge,
  type Material,
} from '../../facts/standards/index.ts';
import { standardRatingAtLeast, thinnestConductor } from '../sizing/index.ts';
import { busFor, spacesFor, terminalColumn } from './panelSize.ts';
import * as messages from './messages.ts';

const days = z.int(messages.enterDays).min(0, messages.enterDays).max(365, messages.enterDays);

export const newPanelPlanInput = z.object({
  demandAmps: amps.describe('calculated load of the service, A'),
  leastMainAmps: amps.default(0).describe('a main that it must not be smaller than, A'),
  feederAmps: amps
    .nullable()
    .default(null)
    .describe('of a subpanel: rating of the breaker that feeds it, A; null for a service panel'),
  spacesInUse: z
    .int(messages.enterTheSpaces)
    .min(1, messages.enterTheSpaces)
    .max(84, messages.enterTheSpaces)
    .describe('by the circuits that are there and those that are planned'),
  place: z.enum(['indoor', 'outdoor'], messages.indoorOrOutdoor),
  material: z.enum(MATERIALS).default('aluminum').describe('of the service conductors'),
  startsOn: z.iso.date(messages.enterADate).describe('day of the permit application'),
  permitDays: days.default(10).describe('until the permit is there'),
  utilityDays: days.default(7).describe('that the utility wants to know ahead'),
});
export type NewPanelPlanInput = z.input<typeof newPanelPlanInput>;

/** What a new panel needs besides its size: at the service, at a subpanel, and at both. */
export const NEW_PANEL_RULES = {
  'meter-base': 'service',
  'electrode-system': 'service',
  'main-bonding': 'service',
  'surge-protection': 'service',
  'emergency-disconnect': 'service',
  'neutral-apart': 'subpanel',
  'grounds-bonded': 'subpanel',
  'working-space': 'both',
  'not-in-closets': 'both',
  weatherproof: 'both',
  'extended-circuits': 'both',
  torque: 'both',
  directory: 'both',
} as const satisfies Record<string, 'service' | 'subpanel' | 'both'>;
export type NewPanelRule = keyof typeof NEW_PANEL_RULES;
/** Rules of one place only. */
const ONLY: Partial<Record<NewPanelRule, 'indoor' | 'outdoor'>> = {
  weatherproof: 'outdoor',
  'not-in-closets': 'indoor',
};

/** The work in its order, by whom. */
export const NEW_PANEL_STEPS = [
  'permit',
  'utility-request',
  'disconnect',
  'feeder-off',
  'work',
  'inspection',
  'reconnect',
  'prove',
] as const;
export type NewPanelStepId = (typeof NEW_PANEL_STEPS)[number];
export interface NewPanelStep {
  id: NewPanelStepId;
  who: 'electrician' | 'utility' | 'inspector';
  on: string;
  /** Whether the house is without power. */
  isOff: boolean;
}

/** A panel’s replacement as a project. */
export interface NewPanelPlan {
  /** The main; of a subpanel the breaker that has to feed it. */
  mainAmps: number | null;
  busAmps: number | null;
  spaces: number | null;
  gauge: FeederGauge | null;
  /** `null` for a subpanel. */
  electrodeGauge: string | null;
  rules: NewPanelRule[];
  steps: NewPanelStep[];
  /** How long the house is without power, hours. */
  hoursOff: { from: number; to: number };
}

const MS_A_DAY = 86_400_000;
const later = (date: string, by: number) =>
  new Date(Date.parse(`${date}T00:00:00Z`) + by * MS_A_DAY).toISOString().slice(0, 10);
const isWeekend = (date: string) => [0, 6].includes(new Date(`${date}T00:00:00Z`).getUTCDay());
/** That day, or the next on which offices and inspectors work. */
const workday = (date: string): string => (isWeekend(date) ? workday(later(date, 1)) : date);

/** Changing a panel and having it inspected on the same day takes this long. Trade practice. */
const HOURS_OFF = { from: 6, to: 10 } as const;

/**
 * A panel in place of another: main, bus and spaces with 20% to spare, its conductors, what the code asks of it, and the work as
 * dated steps. A subpanel keeps its neutral apart and waits for no utility; only a service panel has the bonding jumper.
 *
 * Source: NEC 2023, 230.79(C), 240.6(A), 310.12(A), Table 250.66; 230.67, 230.85, 110.26(A), 240.24, 250.24, 250.50, 110.14(D),
 * 408.4(A).
 *
 * @param input load (A), the main that is there (A), spaces in use, place, material, day of the application and days that permit and utility take
 * @returns ratings (A), spaces, gauges, rules, dated steps, hours without power
 * @throws ZodError where a figure or the date is impossible
 * @example
 * newPanelPlan({ demandAmps: 142, spacesInUse: 26, place: 'indoor', startsOn: '2026-12-02' }).mainAmps // 150
 */
export function newPanelPlan(input: NewPanelPlanInput): NewPanelPlan {
  const {
    demandAmps,
    leastMainAmps,
    feederAmps,
    spacesInUse,
    place,
    material,
    startsOn,
    permitDays,
    utilityDays,
  } = newPanelPlanInput.parse(input);
  const isService = feederAmps === null;
  const least = isService ? DWELLING_LOAD.leastServiceAmps : feederAmps;
  const mainAmps = standardRatingAtLeast(Math.max(least, demandAmps, leastMainAmps));
  const gauge = mainAmps === null ? null : conductorsFor(mainAmps, isService, material);
  const applied = workday(startsOn);
  const permitted = workday(later(applied, permitDays));
  const noticed = workday(later(permitted, utilityDays));
  return {
    ...{ mainAmps, gauge },
    busAmps: mainAmps === null ? null : busFor(mainAmps),
    spaces: spacesFor(spacesInUse),
    electrodeGauge: gauge === null || !isService ? null : electrodeConductor(gauge, material),
    rules: (Object.keys(NEW_PANEL_RULES) as NewPanelRule[]).filter(
      (rule) =>
        NEW_PANEL_RULES[rule] !== (isService ? 'subpanel' : 'service') && (ONLY[rule] ?? place) === place,
    ),
    steps: isService
      ? [
          { id: 'permit', who: 'electrician', on: applied, isOff: false },
          { id: 'utility-request', who: 'electrician', on: permitted, isOff: false },
          { id: 'disconnect', who: 'utility', on: noticed, isOff: true },
          { id: 'work', who: 'electrician', on: noticed, isOff: true },
          { id: 'inspection', who: 'inspector', on: noticed, isOff: true },
          { id: 'reconnect', who: 'utility', on: noticed, isOff: true },
          { id: 'prove', who: 'electrician', on: noticed, isOff: false },
        ]
      : [
          { id: 'permit', who: 'electrician', on: applied, isOff: false },
          { id: 'feeder-off', who: 'electrician', on: permitted, isOff: true },
          { id: 'work', who: 'electrician', on: permitted, isOff: true },
          { id: 'inspection', who: 'inspector', on: permitted, isOff: true },
          { id: 'prove', who: 'electrician', on: permitted, isOff: false },
        ],
    hoursOff: HOURS_OFF,
  };
}

/** By 83% of the rating at a service, otherwise for the whole of it, by the column of its terminals. */
function conductorsFor(mainAmps: number, isService: boolean, material: Material): FeederGauge | null {
  if (isService) return thinnestConductor(material, DWELLING_SERVICE.share * mainAmps, 75);
  return thinnestConductor(material, mainAmps, terminalColumn(mainAmps));
}
