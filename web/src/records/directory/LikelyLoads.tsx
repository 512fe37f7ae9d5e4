import { capital } from '@phylaxon/core/facts/quantities';
import type { Board } from '@phylaxon/core/views/board';
import { circuitsToGuess } from '@phylaxon/core/views/houseMap';
import { useMemo } from 'react';
import { useComputation } from '../../shared/compute/index.ts';
import { placeText } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** So many guesses of a breaker are told, and none less likely than this. */
const MOST_GUESSES = 3;
const LEAST_CHANCE = 0.1;

/** What the breakers without a name likely feed: as a question, to be checked before anything is written down. */
export function LikelyLoads({ breakers }: Pick<Board, 'breakers'>) {
  const question = useMemo(() => circuitsToGuess(breakers), [breakers]);
  const guess = useComputation('circuit-guess', question.circuits.length > 0 ? question : null);
  const rows = breakers
    .filter(({ breaker, label }) => breaker.role === 'branch' && !label)
    .flatMap(({ breaker }) => {
      const guesses = guess?.circuits
        .find(({ id }) => id === breaker.id)
        ?.guesses.filter(({ chance }) => chance >= LEAST_CHANCE)
        .slice(0, MOST_GUESSES);
      return guesses && guesses.length > 0 ? [{ breaker, guesses }] : [];
    });
  if (rows.length === 0) return null;
  return (
    <section aria-label={messages.likelyLoads} className="border-l-4 border-rule-strong pl-3">
      <h2 className="font-bold">{messages.likelyLoads}</h2>
      <p className="text-sm text-ink-soft">{messages.guessedFromPolesAndRating}</p>
      <ul className="mt-1">
        {rows.map(({ breaker, guesses }) => (
          <li key={breaker.id}>
            <strong className="figures">
              {capital(messages.breakerOfAmps(placeText(breaker), breaker.ratingAmps))}
            </strong>{' '}
            {guesses.map(({ words, chance }) => messages.likely(words, Math.round(100 * chance))).join(', ')}?
          </li>
        ))}
      </ul>
    </section>
  );
}
