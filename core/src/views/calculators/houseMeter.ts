import { z } from 'zod';
import { sayNumber, sayQuantity, seconds, watts } from '../../facts/quantities/index.ts';
import { meterWatts } from '../../physics/meterDifference/index.ts';
import { calculator } from './calculator.ts';
import { figure } from './fields.ts';
import * as messages from './messages.ts';

const HOURS_A_YEAR = 8760;
const WATTS_A_KILOWATT = 1000;
const WATCHED = z.object({
  count: z.int(messages.countPulses).min(1, messages.countPulses),
  seconds: seconds.positive(messages.enterSeconds),
  wattHours: watts.positive(messages.enterWattHours),
  price: z.number(messages.enterAPrice).min(0, messages.enterAPrice).max(100, messages.enterAPrice),
});

/** What runs unnoticed, by the pulses of the utility meter, and what it costs in a year. */
export const hiddenLoadCalculator = calculator({
  id: 'hidden-load',
  title: messages.hiddenLoad,
  source: messages.definitionOfPulses,
  fields: [
    figure('count', messages.pulses, '', 5),
    figure('seconds', messages.secondsTaken, '', 60),
    figure('wattHours', messages.wattHoursAPulse, '', 1),
    figure('price', messages.priceAKilowattHour, '', 0.18),
  ],
  input: WATCHED,
  answer: ({ count, seconds: taken, wattHours, price }) => {
    const power = meterWatts(wattHours, count, taken);
    const yearly = (power * HOURS_A_YEAR) / WATTS_A_KILOWATT;
    return {
      headline: messages.costsAYear(sayQuantity(power, 'W', 0), sayNumber(yearly * price, 0)),
      isOver: false,
      steps: [
        messages.powerByPulses(
          count,
          sayNumber(wattHours, 2),
          sayNumber(taken, 1),
          sayQuantity(power, 'W', 0),
        ),
        messages.energyAYear(sayNumber(yearly, 0)),
        messages.turnOffWhatYouKnow,
      ],
    };
  },
});
