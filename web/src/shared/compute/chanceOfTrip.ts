import { beliefFrom, type EffectiveRatingInput } from '@phylaxon/core/physics/breakerEstimate';
import {
  profileQuestion,
  soundBreakers,
  thisBreaker,
  tripChance,
  type TripChance,
} from '@phylaxon/core/physics/profile';
import { seeded } from '@phylaxon/core/facts/random';
import { bandFor, type CurvePoint } from '@phylaxon/core/physics/trip';
import { profileOf, type RunningQuestion } from './loggedCurrent.ts';

export interface ChanceQuestion {
  profile: RunningQuestion;
  breakers: number;
  /** Of any sound breaker, or of this one by its record. */
  of: 'sound' | 'this';
  events: EffectiveRatingInput['events'];
  curve: CurvePoint[] | null;
}

/** Work so long, then listen: progress is told, a cancel heard. */
const BREATH_MS = 40;
const breathe = () => new Promise((resolve) => setTimeout(resolve));

/** Work through many units; `null` if it was cancelled. */
export async function chanceOfTrip(
  { profile, breakers, of, events, curve }: ChanceQuestion,
  onProgress: (share: number) => void,
  token: { cancelled: boolean },
): Promise<TripChance | null> {
  const question = profileQuestion.parse(profileOf(profile));
  const { ratingAmps, ambientC } = question;
  const draw =
    of === 'this'
      ? thisBreaker(beliefFrom({ ratingAmps, events }), ambientC)
      : soundBreakers(ratingAmps, ambientC, bandFor(ratingAmps, curve));
  const work = tripChance(question, draw, breakers, seeded(20_261_125));
  let breath = performance.now();
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
    if (performance.now() - breath < BREATH_MS) continue;
    onProgress(value / breakers);
    await breathe();
    if (token.cancelled) return null;
    breath = performance.now();
  }
}
