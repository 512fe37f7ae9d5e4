import type { Fuel, Pattern, Protection, Third } from './features.ts';
import * as messages from './messages.ts';

/** What a circuit may feed, with what is usual for it. Figures of our own, of houses in North America. */
export interface CircuitUse {
  words: string;
  poles: 1 | 2;
  /** How often a house has none of it, one, two and so on; they come to 1. */
  counts: Readonly<Record<Fuel, readonly number[]>>;
  /** How often its breaker has each rating, A. */
  ratings: Readonly<Record<number, number>>;
  protection: Protection;
  /** How often its breaker sits in each third of the panel, from the main’s end. */
  thirds: Readonly<Record<Third, number>>;
  /** How often its conductor is larger than its breaker needs, for a long run. */
  largerWire: number;
  /** Highest current of a usual day: median, A, and spread as a factor. */
  peakAmps: readonly [number, number];
  patterns: Readonly<Record<Pattern, number>>;
  /** Outlets, switches and lights that it feeds, on average. */
  places: number;
}

const HEAVY: CircuitUse['thirds'] = { near: 0.5, middle: 0.3, far: 0.2 };
const LIGHT: CircuitUse['thirds'] = { near: 0.26, middle: 0.36, far: 0.38 };
const pattern = (nothing: number, steady: number, cycles: number, short: number, changing: number) => ({
  ...{ nothing, steady, cycles, short, changing },
});
const OUTLETS = pattern(0.1, 0.1, 0.05, 0.35, 0.4);
const LIGHTS = pattern(0.05, 0.25, 0, 0.3, 0.4);
const MOTOR_IN_TURNS = pattern(0.08, 0.02, 0.75, 0.1, 0.05);

type More = Partial<Omit<CircuitUse, 'words' | 'poles' | 'counts' | 'ratings'>>;
const either = (...counts: number[]): CircuitUse['counts'] => ({ gas: counts, electric: counts });
const one = (
  words: string,
  counts: CircuitUse['counts'],
  ratings: CircuitUse['ratings'],
  more: More = {},
): CircuitUse => ({
  ...{ words, poles: 1, counts, ratings, protection: 'none', thirds: LIGHT, largerWire: 0.04 },
  ...{ peakAmps: [5, 1.9], patterns: OUTLETS, places: 1, ...more },
});
const two = (
  words: string,
  counts: CircuitUse['counts'],
  ratings: CircuitUse['ratings'],
  more: More = {},
): CircuitUse => ({ ...one(words, counts, ratings, more), poles: 2, thirds: more.thirds ?? HEAVY });

export const CIRCUIT_USES = {
  'kitchen-counter': one(
    messages.kitchenCounter,
    either(0.02, 0.18, 0.6, 0.2),
    { 15: 0.12, 20: 0.88 },
    {
      ...{
        protection: 'both',
        peakAmps: [11, 1.4],
        patterns: pattern(0.03, 0.02, 0.05, 0.75, 0.15),
        places: 4,
      },
    },
  ),
  refrigerator: one(
    messages.refrigerator,
    either(0.55, 0.45),
    { 15: 0.4, 20: 0.6 },
    {
      ...{ peakAmps: [1.8, 1.5], patterns: pattern(0.01, 0.04, 0.9, 0.02, 0.03) },
    },
  ),
  dishwasher: one(
    messages.dishwasher,
    either(0.45, 0.55),
    { 15: 0.55, 20: 0.45 },
    {
      ...{ protection: 'both', peakAmps: [9.5, 1.25], patterns: pattern(0.15, 0.01, 0.44, 0.35, 0.05) },
    },
  ),
  disposal: one(
    messages.disposal,
    either(0.6, 0.4),
    { 15: 0.6, 20: 0.4 },
    {
      ...{ peakAmps: [5.5, 1.4], patterns: pattern(0.25, 0, 0, 0.73, 0.02) },
    },
  ),
  microwave: one(
    messages.microwave,
    either(0.6, 0.4),
    { 15: 0.3, 20: 0.7 },
    {
      ...{ peakAmps: [12.5, 1.2], patterns: pattern(0.05, 0.02, 0.08, 0.83, 0.02) },
    },
  ),
  laundry: one(
    messages.laundry,
    either(0.12, 0.82, 0.06),
    { 15: 0.12, 20: 0.88 },
    {
      ...{
        protection: 'both',
        peakAmps: [6.5, 1.5],
        patterns: pattern(0.25, 0.02, 0.4, 0.25, 0.08),
        places: 2,
      },
    },
  ),
  bathroom: one(
    messages.bathroom,
    either(0.12, 0.58, 0.26, 0.04),
    { 15: 0.22, 20: 0.78 },
    {
      ...{
        protection: 'ground-fault',
        peakAmps: [10, 1.5],
        patterns: pattern(0.08, 0.05, 0.02, 0.75, 0.1),
        places: 3,
      },
    },
  ),
  bedroom: one(
    messages.bedrooms,
    either(0.02, 0.3, 0.38, 0.22, 0.08),
    { 15: 0.82, 20: 0.18 },
    {
      ...{ protection: 'arc-fault', peakAmps: [4, 1.9], places: 6 },
    },
  ),
  living: one(
    messages.livingRooms,
    either(0.03, 0.45, 0.37, 0.15),
    { 15: 0.68, 20: 0.32 },
    {
      ...{
        protection: 'arc-fault',
        peakAmps: [4.5, 1.8],
        patterns: pattern(0.02, 0.18, 0.05, 0.2, 0.55),
        places: 6,
      },
    },
  ),
  lighting: one(
    messages.lighting,
    either(0.05, 0.4, 0.35, 0.15, 0.05),
    { 15: 0.9, 20: 0.1 },
    {
      ...{ protection: 'arc-fault', peakAmps: [2.2, 1.8], patterns: LIGHTS, places: 6 },
    },
  ),
  garage: one(
    messages.garage,
    either(0.35, 0.55, 0.1),
    { 15: 0.35, 20: 0.65 },
    {
      ...{
        protection: 'ground-fault',
        peakAmps: [5, 1.9],
        patterns: pattern(0.2, 0.1, 0.15, 0.5, 0.05),
        places: 3,
      },
    },
  ),
  outdoor: one(
    messages.outdoors,
    either(0.4, 0.5, 0.1),
    { 15: 0.35, 20: 0.65 },
    {
      ...{
        protection: 'ground-fault',
        largerWire: 0.15,
        peakAmps: [3, 2.2],
        patterns: pattern(0.4, 0.1, 0.05, 0.4, 0.05),
        places: 3,
      },
    },
  ),
  basement: one(messages.basement, either(0.45, 0.4, 0.15), { 15: 0.6, 20: 0.4 }, { places: 4 }),
  furnace: one(
    messages.furnace,
    { gas: [0.12, 0.85, 0.03], electric: [0.9, 0.1] },
    { 15: 0.75, 20: 0.25 },
    { peakAmps: [5, 1.4], patterns: MOTOR_IN_TURNS },
  ),
  'smoke-alarms': one(
    messages.smokeAlarms,
    either(0.75, 0.25),
    { 15: 0.92, 20: 0.08 },
    {
      ...{ protection: 'arc-fault', peakAmps: [0.3, 1.6], patterns: pattern(0.45, 0.53, 0, 0, 0.02) },
    },
  ),
  'sump-pump': one(
    messages.sumpPump,
    either(0.75, 0.25),
    { 15: 0.45, 20: 0.55 },
    {
      ...{ protection: 'ground-fault', peakAmps: [7, 1.3], patterns: pattern(0.2, 0, 0.5, 0.3, 0) },
    },
  ),
  spare: one(
    messages.spare,
    either(0.55, 0.25, 0.15, 0.05),
    { 15: 0.45, 20: 0.55 },
    {
      ...{
        thirds: { near: 0.1, middle: 0.25, far: 0.65 },
        peakAmps: [0.2, 1.5],
        patterns: pattern(0.97, 0.01, 0, 0.01, 0.01),
        places: 0,
      },
    },
  ),
  range: two(
    messages.range,
    { gas: [0.65, 0.35], electric: [0.06, 0.92, 0.02] },
    { 30: 0.03, 40: 0.42, 50: 0.55 },
    { peakAmps: [24, 1.4], patterns: pattern(0.06, 0, 0.34, 0.55, 0.05) },
  ),
  dryer: two(
    messages.dryer,
    { gas: [0.4, 0.6], electric: [0.08, 0.92] },
    { 20: 0.01, 30: 0.97, 40: 0.02 },
    { peakAmps: [22, 1.15], patterns: pattern(0.2, 0, 0.5, 0.28, 0.02) },
  ),
  'water-heater': two(
    messages.waterHeater,
    { gas: [0.88, 0.12], electric: [0.07, 0.9, 0.03] },
    { 20: 0.1, 25: 0.08, 30: 0.82 },
    { peakAmps: [18.5, 1.12], patterns: pattern(0.02, 0.01, 0.92, 0.04, 0.01) },
  ),
  'air-conditioner': two(
    messages.airConditioner,
    either(0.35, 0.6, 0.05),
    { 15: 0.02, 20: 0.12, 25: 0.13, 30: 0.38, 35: 0.13, 40: 0.16, 50: 0.05, 60: 0.01 },
    {
      ...{ peakAmps: [16, 1.35], patterns: pattern(0.45, 0.01, 0.5, 0.02, 0.02) },
    },
  ),
  'electric-heat': two(
    messages.electricHeat,
    { gas: [0.97, 0.03], electric: [0.55, 0.4, 0.05] },
    { 30: 0.15, 40: 0.2, 50: 0.25, 60: 0.4 },
    { peakAmps: [36, 1.35], patterns: pattern(0.35, 0.02, 0.6, 0.01, 0.02) },
  ),
  baseboard: two(
    messages.baseboard,
    { gas: [0.9, 0.06, 0.04], electric: [0.6, 0.06, 0.08, 0.1, 0.08, 0.05, 0.03] },
    { 15: 0.12, 20: 0.8, 30: 0.08 },
    { thirds: LIGHT, peakAmps: [9, 1.5], patterns: pattern(0.4, 0.05, 0.52, 0.01, 0.02) },
  ),
  'vehicle-charger': two(
    messages.vehicleCharger,
    either(0.9, 0.1),
    { 20: 0.03, 30: 0.12, 40: 0.27, 50: 0.35, 60: 0.23 },
    {
      ...{
        protection: 'ground-fault',
        thirds: LIGHT,
        largerWire: 0.12,
        peakAmps: [31, 1.25],
        patterns: pattern(0.25, 0.6, 0.02, 0.03, 0.1),
      },
    },
  ),
  'hot-tub': two(
    messages.hotTub,
    either(0.94, 0.06),
    { 30: 0.1, 40: 0.15, 50: 0.7, 60: 0.05 },
    {
      ...{
        protection: 'ground-fault',
        thirds: LIGHT,
        largerWire: 0.15,
        peakAmps: [25, 1.35],
        patterns: pattern(0.15, 0.03, 0.78, 0.02, 0.02),
      },
    },
  ),
  'well-pump': two(
    messages.wellPump,
    either(0.88, 0.12),
    { 15: 0.25, 20: 0.6, 30: 0.15 },
    {
      ...{ thirds: LIGHT, largerWire: 0.35, peakAmps: [8, 1.3], patterns: pattern(0.04, 0, 0.66, 0.3, 0) },
    },
  ),
  subpanel: two(
    messages.subpanel,
    either(0.75, 0.21, 0.04),
    { 30: 0.08, 40: 0.1, 50: 0.12, 60: 0.4, 70: 0.05, 80: 0.03, 90: 0.04, 100: 0.18 },
    {
      ...{ largerWire: 0.2, peakAmps: [14, 1.9], patterns: pattern(0.08, 0.06, 0.1, 0.11, 0.65), places: 4 },
    },
  ),
  workshop: two(
    messages.workshop,
    either(0.92, 0.08),
    { 20: 0.3, 30: 0.4, 50: 0.3 },
    {
      ...{
        thirds: LIGHT,
        largerWire: 0.12,
        peakAmps: [14, 1.5],
        patterns: pattern(0.6, 0, 0.02, 0.36, 0.02),
      },
    },
  ),
  'multiwire-outlets': two(
    messages.multiwireOutlets,
    either(0.72, 0.2, 0.08),
    { 15: 0.35, 20: 0.65 },
    {
      ...{ protection: 'both', thirds: LIGHT, peakAmps: [9, 1.6], places: 5 },
    },
  ),
} as const satisfies Record<string, CircuitUse>;

export type CircuitUseId = keyof typeof CIRCUIT_USES;
export const CIRCUIT_USE_IDS = Object.keys(CIRCUIT_USES) as [CircuitUseId, ...CircuitUseId[]];
