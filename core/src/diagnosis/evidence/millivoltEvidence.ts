import { CONNECTION_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import { median, sayNumber, sayQuantity } from '../../facts/quantities/index.ts';
import { type BreakerRecord, type EvidenceItem, nearestTo, timed, marked } from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

/** The drop across a closed breaker at a current: millivolts per ampere are milliohms. */
interface Drop {
  millivolts: number;
  amps: number;
  at: string;
  simulated: boolean;
}

function dropOf({ entries }: BreakerRecord, near: number | null): Drop | null {
  const drops = timed(entries.readings.filter(({ quantity }) => quantity === 'millivolts'));
  const drop = near === null ? drops.at(-1) : nearestTo(drops, near, TIME_LIMITS.surveyHours);
  if (!drop) return null;
  const onConductor = timed(
    entries.readings.filter(({ quantity, point }) => quantity === 'current' && point === 'conductor'),
  );
  const current = nearestTo(onConductor, drop.instant, TIME_LIMITS.currentHours)?.entry;
  if (!current || current.value < CONNECTION_LIMITS.dropLeastAmps) return null;
  const { value, at, simulated } = drop.entry;
  return { millivolts: value, amps: current.value, at, simulated };
}

/**
 * The drop across a closed breaker under load, held against similar breakers of its panel at the same current.
 *
 * @param file the breaker
 * @param others the panel’s other breakers
 * @returns one item; none without a current beside it, or without a breaker of the same rating measured in the same survey
 */
export function millivoltEvidence(file: BreakerRecord, others: readonly BreakerRecord[]): EvidenceItem[] {
  const own = dropOf(file, null);
  if (!own) return [];
  const instant = Date.parse(own.at);
  const similar = others.filter(
    ({ breaker }) =>
      breaker.id !== file.breaker.id &&
      breaker.role === 'branch' &&
      breaker.ratingAmps === file.breaker.ratingAmps,
  );
  const theirs = similar.flatMap((other) => {
    const drop = dropOf(other, instant);
    return drop ? [drop.millivolts / drop.amps] : [];
  });
  const usual = median(theirs);
  if (usual === null || usual <= 0) return [];
  const times = own.millivolts / own.amps / usual;
  const outcome =
    times > CONNECTION_LIMITS.dropHigh
      ? 'high'
      : times > CONNECTION_LIMITS.dropRaised
        ? 'raised'
        : 'like-peers';
  const limit = {
    'like-peers': null,
    raised: CONNECTION_LIMITS.dropRaised,
    high: CONNECTION_LIMITS.dropHigh,
  }[outcome];
  return [
    {
      test: 'millivolt-drop',
      outcome,
      at: own.at,
      text: marked(
        own,
        messages.closedItDropsAtTimesThe(
          sayQuantity(own.millivolts, 'mV'),
          sayQuantity(own.amps, 'A'),
          sayNumber(times),
          limit === null ? '' : messages.limitTimes(limit),
        ),
      ),
      figures: [
        {
          label: messages.voltageDropAcrossTheBreaker,
          value: own.millivolts,
          unit: 'mV',
          limit:
            usual *
            own.amps *
            (outcome === 'high' ? CONNECTION_LIMITS.dropHigh : CONNECTION_LIMITS.dropRaised),
        },
        { label: 'current', value: own.amps, unit: 'A' },
      ],
      origin: 'reading',
    },
  ];
}
