import {
  BOX_GAUGES,
  boxFill,
  boxFillInput,
  RACEWAYS,
  racewayFill,
  racewayFillInput,
} from '../../code/fill/index.ts';
import { z } from 'zod';
import { sayNumber } from '../../facts/quantities/index.ts';
import { BOX_VOLUMES_IN3, CITATIONS, GAUGES, RACEWAY_FILL_PERCENT } from '../../facts/standards/index.ts';
import { calculator } from './calculator.ts';
import { choice, figure, sizes } from './fields.ts';
import * as messages from './messages.ts';

/** The least volume of a box. */
export const boxFillCalculator = calculator({
  id: 'box-fill',
  title: messages.boxFill,
  source: CITATIONS.boxFill,
  fields: [
    choice('gauge', messages.largestWire, sizes(BOX_GAUGES), '12'),
    figure('conductors', messages.conductorsInTheBox, '', 4),
    figure('grounds', messages.grounds, '', 2),
    figure('devices', messages.devices, '', 1),
    choice(
      'clamps',
      messages.clamps,
      [
        { value: 'inside', label: messages.inside },
        { value: 'none', label: messages.none },
      ],
      'inside',
    ),
  ],
  input: boxFillInput.extend({ clamps: z.enum(['inside', 'none']) }),
  answer: ({ clamps, ...box }) => {
    const { count, volumeIn3 } = boxFill({ ...box, clamps: clamps === 'inside' });
    return {
      headline: messages.boxOf(sayNumber(volumeIn3, 2)),
      isOver: false,
      steps: [
        messages.volumesOf(sayNumber(count, 2), sayNumber(BOX_VOLUMES_IN3[box.gauge], 2)),
        messages.howABoxCounts,
        messages.volumeIsMarked,
      ],
    };
  },
});

/** The smallest raceway for conductors. */
export const racewayFillCalculator = calculator({
  id: 'conduit-fill',
  title: messages.racewayFill,
  source: CITATIONS.racewayFill,
  fields: [
    choice(
      'raceway',
      messages.raceway,
      RACEWAYS.map((value) => ({ value, label: messages.raceways[value] })),
      'emt',
    ),
    choice('gauge', messages.wireSize, sizes(GAUGES), '12'),
    figure('conductors', messages.conductorsWithGrounds, '', 4),
  ],
  input: racewayFillInput,
  answer: (question) => {
    const { areaIn2, mostPercent, size, filledPercent } = racewayFill(question);
    const { more } = RACEWAY_FILL_PERCENT;
    return {
      headline: size === null ? messages.noRaceway : messages.racewayOf(size),
      isOver: size === null,
      steps: [
        messages.areaOf(question.conductors, sayNumber(areaIn2, 4)),
        filledPercent === null
          ? messages.mayFill(mostPercent)
          : messages.fills(sayNumber(filledPercent, 0), mostPercent),
        ...(mostPercent === more ? [messages.moreThanThreeCarry] : []),
      ],
    };
  },
});
