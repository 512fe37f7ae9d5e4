import { sayDuration, sayNumber } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { tripWindow, tripWindowInput } from '../../physics/trip/index.ts';
import { calculator } from './calculator.ts';
import * as messages from './messages.ts';
import { figure, choice, inAmps, RATINGS } from './fields.ts';

/** How soon a sound breaker trips at a current. */
export const tripTimeCalculator = calculator({
  id: 'trip-time',
  title: messages.tripTime,
  source: CITATIONS.thermalTrip,
  fields: [
    choice(
      'ratingAmps',
      messages.rating,
      RATINGS.filter(({ value }) => value <= 225),
      20,
    ),
    figure('amps', messages.current, 'A', 31),
    figure('preloadAmps', messages.currentBefore, 'A', 0),
    figure('ambientC', messages.ambient, '°C', 25),
  ],
  input: tripWindowInput,
  answer: (question) => {
    const { multiple, region, fastestSeconds, slowestSeconds } = tripWindow(question);
    const [soonest, latest] = [fastestSeconds, slowestSeconds].map((one) =>
      one === null ? '' : sayDuration(one),
    ) as [string, string];
    const headlines = {
      holds: messages.noSoundBreakerTrips,
      'may-trip': messages.tripsAfterOrNever(soonest),
      'will-trip': messages.tripsWithin(soonest, latest),
      instantaneous: messages.tripsImmediately(latest),
    };
    return {
      headline: headlines[region],
      isOver: multiple > 1,
      steps: [
        messages.timesTheRating(inAmps(question.amps), sayNumber(multiple, 2), inAmps(question.ratingAmps)),
        messages.wornOneDiffers,
      ],
    };
  },
});
