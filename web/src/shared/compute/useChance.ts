import type { TripChance } from '@phylaxon/core/physics/profile';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { ChanceQuestion } from './chanceOfTrip.ts';
import { theWorker } from './theWorker.ts';

export type { ChanceQuestion } from './chanceOfTrip.ts';

/** A long piece of work: not begun, under way, done, given up. */
export type Chance =
  | { is: 'idle' | 'cancelled' }
  | { is: 'working'; share: number }
  | { is: 'done'; question: ChanceQuestion; result: TripChance };

/** The chance of a trip, worked when it is asked for, with progress and cancel. */
export function useChance() {
  const [chance, setChance] = useState<Chance>({ is: 'idle' });
  const cancel = () => void theWorker().cancel();
  // Nobody is left to be told.
  useEffect(() => cancel, []);
  const start = async (question: ChanceQuestion) => {
    setChance({ is: 'working', share: 0 });
    const result = await theWorker().chanceOfTrip(
      question,
      proxy((share: number) => setChance({ is: 'working', share })),
    );
    setChance(result === null ? { is: 'cancelled' } : { is: 'done', question, result });
  };
  return { chance, start, cancel };
}
