import { median, sayNumber, sayQuantity } from '../../facts/quantities/index.ts';
import type { BreakerRecord, EvidenceItem } from './evidence.ts';
import { nearestTo, timed } from './history.ts';
import { marked } from './marked.ts';

/** Millivolts of one survey are taken within two hours, the current beside each within one. */
const SURVEY_HOURS = 2;
const CURRENT_HOURS = 1;
/** Below this current a drop tells nothing of the contacts, A. */
const LEAST_AMPS = 1;
/** Times the median of similar breakers at the same current. */
const RAISED = 1.5;
const HIGH = 3;

/** The drop across a closed breaker at a current: millivolts per ampere are milliohms. */
interface Drop {
  millivolts: number;
  amps: number;
  at: string;
  simulated: boolean;
}

function dropOf({ entries }: BreakerRecord, near: number | null): Drop | null {
  const drops = timed(entries.readings.filter(({ quantity }) => quantity === 'millivolts'));
  const drop = near === null ? drops.at(-1) : nearestTo(drops, near, SURVEY_HOURS);
  if (!drop) return null;
  const onConductor = timed(
    entries.readings.filter(({ quantity, point }) => quantity === 'current' && point === 'conductor'),
  );
  const current = nearestTo(onConductor, drop.instant, CURRENT_HOURS)?.entry;
  if (!current || current.value < LEAST_AMPS) return null;
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
  const outcome = times > HIGH ? 'high' : times > RAISED ? 'raised' : 'like-peers';
  return [
    {
      test: 'millivolt-drop',
      outcome,
      at: own.at,
      text: marked(
        own,
        `Closed, it drops ${sayQuantity(own.millivolts, 'mV')} at ${sayQuantity(own.amps, 'A')}: ${sayNumber(times)} times what similar breakers drop at that current${outcome === 'like-peers' ? '' : ` (limit ${outcome === 'high' ? HIGH : RAISED} times)`}.`,
      ),
      figures: [
        {
          label: 'across it',
          value: own.millivolts,
          unit: 'mV',
          limit: usual * own.amps * (outcome === 'high' ? HIGH : RAISED),
        },
        { label: 'current', value: own.amps, unit: 'A' },
      ],
      origin: 'reading',
    },
  ];
}
