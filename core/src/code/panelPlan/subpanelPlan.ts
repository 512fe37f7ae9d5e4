import { z } from 'zod';
import { LOAD_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import {
  amps,
  atLeast,
  exceeds,
  givenId,
  metres,
  noRepeatedIds,
  oneOf,
} from '../../facts/quantities/index.ts';
import {
  areaTimes,
  DWELLING_LOAD,
  equipmentGround,
  FEEDER_GAUGES,
  isMade,
  MATERIALS,
  type FeederGauge,
  type Material,
} from '../../facts/standards/index.ts';
import { standardRatingAtLeast, thinnestConductor, voltageDropPercent } from '../sizing/index.ts';
import { busFor, spacesFor, terminalColumn } from './panelSize.ts';
import * as messages from './messages.ts';

const MOST_CIRCUITS = 84;
export const subpanelPlanInput = z.object({
  circuits: z
    .array(
      z.object({
        id: givenId,
        amps,
        poles: oneOf([1, 2], messages.thePolesMustBe),
        continuous: z.boolean().default(false),
      }),
    )
    .min(1, messages.enterAtLeastOneCircuit)
    .max(MOST_CIRCUITS, messages.enterAtMostCircuits(MOST_CIRCUITS))
    .superRefine(noRepeatedIds),
  lengthM: metres.default(0).describe('of the feeder, one way'),
  material: z.enum(MATERIALS).default('copper'),
  place: z.enum(['same-building', 'other-building'], messages.thePlaceMustBe).default('same-building'),
});
export type SubpanelPlanInput = z.input<typeof subpanelPlanInput>;

/** What has to be done at a subpanel, besides its feeder. */
export const SUBPANEL_RULES = [
  'neutral-apart',
  'grounds-bonded',
  'two-hots-neutral-ground',
  'disconnect',
  'electrode',
] as const;
export type SubpanelRule = (typeof SUBPANEL_RULES)[number];

/** A subpanel with its feeder. */
export interface SubpanelPlan {
  /** Leg of each one-pole circuit. */
  legs: Readonly<Record<string, 'a' | 'b' | 'both'>>;
  demandAmps: { a: number; b: number };
  /** `null`: beyond the largest standard breaker. */
  breakerAmps: number | null;
  gauge: FeederGauge | null;
  ground: FeederGauge | null;
  dropPercent: number | null;
  busAmps: number | null;
  spaces: number | null;
  rules: SubpanelRule[];
}

/** The ground by the breaker, grown as the hot conductors were; never larger than they are. */
function groundFor({
  breakerAmps,
  carries,
  gauge,
  material,
}: {
  breakerAmps: number;
  carries: FeederGauge;
  gauge: FeederGauge;
  material: Material;
}): FeederGauge | null {
  const byTable = equipmentGround(breakerAmps)?.[material];
  if (!byTable) return null;
  const times = areaTimes(gauge, carries, material);
  return (
    FEEDER_GAUGES.slice(FEEDER_GAUGES.indexOf(byTable), FEEDER_GAUGES.indexOf(gauge) + 1).find((one) =>
      atLeast(areaTimes(one, byTable, material), times),
    ) ?? gauge
  );
}

/** Circuits on the legs, the largest first, each on the leg with less; a two-pole one is on both. */
function onLegs(circuits: z.output<typeof subpanelPlanInput>['circuits']) {
  const sums = { a: 0, b: 0 };
  const legs: Record<string, 'a' | 'b' | 'both'> = {};
  const counted = circuits.map((one) => ({
    ...one,
    counted: one.continuous ? (DWELLING_LOAD.continuousPercent / 100) * one.amps : one.amps,
  }));
  for (const { id, poles, counted: load } of counted.sort((x, y) => y.counted - x.counted)) {
    if (poles === 2) {
      legs[id] = 'both';
      sums.a += load;
      sums.b += load;
      continue;
    }
    const leg = sums.a <= sums.b ? 'a' : 'b';
    legs[id] = leg;
    sums[leg] += load;
  }
  return { legs, sums };
}

/**
 * A subpanel for some circuits: its legs, the feeder’s breaker, conductors and ground by table, bus and spaces with 20% to
 * spare, and what has to be done with neutral and ground. The conductors grow until the feeder loses no more than 3%.
 *
 * Source: NEC 2023, 215.2(A)(1) and 215.3 (125% of continuous load), 110.14(C)(1), Tables 310.16 and 250.122, 250.122(B), 215.2(A)(2)
 * informational note, 250.142(B), 250.32 and 225.31.
 *
 * @param input circuits with current (A), poles and whether they run three hours or more; length of the feeder (m), material, place
 * @returns leg of each circuit, load of each leg (A), breaker (A), gauges, voltage drop (%), bus (A), spaces, and rules
 * @throws ZodError where a figure is impossible or an id stands twice
 * @example
 * subpanelPlan({ circuits: [{ id: 'charger', amps: 32, poles: 2, continuous: true }, { id: 'lights', amps: 10, poles: 1 }] })
 *   // breakerAmps 60, gauge '4' by the 60 °C column, ground '10', spaces 4
 */
export function subpanelPlan(input: SubpanelPlanInput): SubpanelPlan {
  const { circuits, lengthM, material, place } = subpanelPlanInput.parse(input);
  const { legs, sums } = onLegs(circuits);
  const larger = Math.max(sums.a, sums.b);
  const breakerAmps = standardRatingAtLeast(Math.max(LOAD_LIMITS.subpanelFeederLeastAmps, larger));
  const carries =
    breakerAmps === null ? null : thinnestConductor(material, breakerAmps, terminalColumn(breakerAmps));
  const drop = (gauge: FeederGauge) =>
    voltageDropPercent({ conductor: { gauge, material }, amps: larger, lengthM, volts: 240 });
  const limit = 100 * VOLTAGE_LIMITS.sagNoticed;
  const gauge =
    carries === null
      ? null
      : (FEEDER_GAUGES.slice(FEEDER_GAUGES.indexOf(carries)).find(
          (one) => isMade({ gauge: one, material }) && !exceeds(drop(one), limit),
        ) ?? null);
  const isApart = place === 'other-building';
  return {
    ...{ legs, demandAmps: sums, breakerAmps, gauge },
    ground:
      breakerAmps === null || carries === null || gauge === null
        ? null
        : groundFor({ breakerAmps, carries, gauge, material }),
    dropPercent: gauge === null ? null : drop(gauge),
    busAmps: breakerAmps === null ? null : busFor(breakerAmps),
    spaces: spacesFor(circuits.reduce((sum, { poles }) => sum + poles, 0)),
    rules: [
      ...(['two-hots-neutral-ground', 'neutral-apart', 'grounds-bonded'] as const),
      ...(isApart ? (['disconnect', 'electrode'] as const) : []),
    ],
  };
}
