import { marked, sayBreakerEstimate, type Evidence } from '../evidence/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { saySureness, type WeighedReason } from './decision.ts';
import { reason } from './ruleDecision.ts';

/** What trips and holds together say of the unit, as a reason; `null` without any that tells something. */
export function byItsRecord(evidence: Evidence, weight: 1 | 2 | 3): WeighedReason | null {
  const { unit, breaker, trips } = evidence;
  if (!unit) return null;
  const { judgement, probability, ultimateAmps } = unit.rating;
  const words = {
    weak: `${saySureness(probability.weak)} sure that it opens below its rating.`,
    sound: `${saySureness(probability.sound)} sure that it is within what a sound unit does.`,
    sluggish: `${saySureness(probability.sluggish)} sure that it ${trips.length > 0 ? 'opens too late' : 'does not open when it must'}.`,
    undetermined: 'That settles nothing yet: the Bench names a safe trial that would.',
  }[judgement];
  const simulated = trips.some(({ event }) => event.simulated);
  return reason(
    'effective-rating',
    weight,
    marked({ simulated }, `${sayBreakerEstimate(breaker.ratingAmps, unit)} ${words}`),
    {
      figures: [{ label: 'opens from, steady', value: ultimateAmps.p50, unit: 'A' }],
      source: CITATIONS.thermalTrip,
    },
  );
}
