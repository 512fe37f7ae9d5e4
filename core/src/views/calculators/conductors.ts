import { z } from 'zod';
import {
  ampacityLimits,
  conductor,
  currentCarrying,
  largestBreaker,
  sayConductor,
  standardRatingAtLeast,
  terminalC,
  thinnestConductor,
  voltageDropPercent,
} from '../../code/sizing/index.ts';
import {
  ambientC,
  amps,
  exceeds,
  metres,
  sayNumber,
  sayQuantity,
  volts,
} from '../../facts/quantities/index.ts';
import {
  CITATIONS,
  COLUMNS_C,
  DWELLING_LOAD,
  FEEDER_GAUGES,
  GAUGES,
  isMade,
  MATERIALS,
  NOT_MADE,
} from '../../facts/standards/index.ts';
import { calculator } from './calculator.ts';
import * as messages from './messages.ts';
import { figure, choice, inAmps, MATERIAL, sizes, celsius, DROP_PERCENT } from './fields.ts';

/** Breaker and wire for a load. */
export const breakerCalculator = calculator({
  id: 'breaker-for-a-load',
  title: messages.breakerForALoad,
  source: `${CITATIONS.continuousLoad}; ${CITATIONS.standardRatings}; ${CITATIONS.ampacity}`,
  fields: [
    figure('amps', messages.current, 'A', 32),
    choice(
      'duration',
      messages.duration,
      [
        { value: 'short', label: messages.underThreeHours },
        { value: 'continuous', label: messages.threeHoursOrMore },
      ],
      'continuous',
    ),
    MATERIAL,
  ],
  input: z.object({ amps, duration: z.enum(['short', 'continuous']), material: z.enum(MATERIALS) }),
  answer: ({ amps: load, duration, material }) => {
    const counted = duration === 'continuous' ? (DWELLING_LOAD.continuousPercent / 100) * load : load;
    const first = duration === 'continuous' ? [messages.continuousCounts(inAmps(load), inAmps(counted))] : [];
    const rated = standardRatingAtLeast(counted);
    const gauge = rated === null ? null : thinnestConductor(material, rated, 60);
    if (rated === null || gauge === null)
      return { headline: messages.noStandardBreaker, isOver: true, steps: first };
    const wire = sayConductor({ gauge, material });
    return {
      headline: messages.breakerAndWire(inAmps(rated), wire),
      isOver: false,
      steps: [...first, messages.nextStandard(inAmps(counted), inAmps(rated)), messages.wireBySixty(wire)],
    };
  },
});

/** What is lost along a run, and the wire that keeps it small. */
export const voltageDropCalculator = calculator({
  id: 'voltage-drop',
  title: messages.voltageDrop,
  source: `${CITATIONS.voltageDrop}; ${CITATIONS.conductorOhms}`,
  fields: [
    figure('amps', messages.current, 'A', 16),
    figure('lengthM', messages.length, 'm', 30),
    choice(
      'volts',
      messages.voltage,
      [120, 240].map((value) => ({ value, label: `${value} V` })),
      120,
    ),
    choice('gauge', messages.wireSize, sizes(FEEDER_GAUGES), '12'),
    MATERIAL,
  ],
  input: z
    .object({
      ...{ amps, lengthM: metres, gauge: z.enum(FEEDER_GAUGES), material: z.enum(MATERIALS) },
      volts: volts.positive(messages.enterTheVoltage),
    })
    .refine(isMade, NOT_MADE),
  answer: ({ gauge, material, ...run }) => {
    const dropWith = (size: (typeof FEEDER_GAUGES)[number]) =>
      voltageDropPercent({ ...run, conductor: { gauge: size, material } });
    const percent = dropWith(gauge);
    const isOver = exceeds(percent, DROP_PERCENT);
    const dropVolts = (percent / 100) * run.volts;
    const smallest = FEEDER_GAUGES.find(
      (size) => isMade({ gauge: size, material }) && !exceeds(dropWith(size), DROP_PERCENT),
    );
    return {
      headline: messages.drop(sayNumber(percent, 1), sayQuantity(dropVolts, 'V')),
      isOver,
      steps: [
        ...(run.amps > 0 ? [messages.thereAndBack(sayQuantity(dropVolts / run.amps, 'Ω', 3))] : []),
        smallest === undefined
          ? messages.noneWithin(DROP_PERCENT)
          : messages.smallestWithin(DROP_PERCENT, sayConductor({ gauge: smallest, material })),
      ],
    };
  },
});

/** What a wire carries where it lies. */
export const ampacityCalculator = calculator({
  id: 'ampacity',
  title: messages.ampacity,
  source: CITATIONS.ampacity,
  fields: [
    choice('gauge', messages.wireSize, sizes(GAUGES), '12'),
    MATERIAL,
    choice('insulationC', messages.insulation, celsius(COLUMNS_C), 90),
    choice('terminalC', messages.terminals, celsius([60, 75]), 60),
    figure('ambientC', messages.ambient, '°C', 30),
    figure('currentCarrying', messages.conductorsInTheRun, '', 3),
  ],
  input: z
    .object({
      ...conductor.shape,
      cable: conductor.shape.cable.default('other'),
      ...{ ambientC, currentCarrying, terminalC },
    })
    .refine(isMade, NOT_MADE),
  answer: ({ gauge, material, insulationC, cable, ...place }) => {
    const wire = { gauge, material, insulationC, cable };
    const { insulation, terminal } = ampacityLimits({ conductor: wire, ...place });
    const carries = Math.min(insulation, terminal);
    return {
      headline: messages.carries(inAmps(carries)),
      isOver: carries <= 0,
      steps: [
        messages.limits(inAmps(insulation), inAmps(terminal)),
        carries > 0
          ? messages.largestBreaker(inAmps(largestBreaker(wire, carries, false)))
          : messages.noBreaker,
      ],
    };
  },
});
