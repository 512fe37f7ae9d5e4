import type { Schools } from '../settings/index.ts';

/** The usual cautions, said at the step where they count. */
const CAUTIONS = {
  reset: 'Dry hands, stand to the side, look away. Hold the breaker in place with a thumb.',
  cool: 'After an overload wait some minutes: the bimetal must cool before it latches.',
  dead: 'Only with the main off, locked, and proved dead: live, dead, live. The line side of the main stays live. Work for a qualified electrician.',
  otherSources: 'Solar, battery, generator or a vehicle can feed from the load side: isolate and lock each.',
  live: 'This is a measurement on live parts: qualified persons with protective gear. Change nothing live.',
  neverLarger: 'Never fit a larger breaker to stop a trip: the breaker protects the conductor.',
  noMoreResets: 'Do not reset it again: each trip into a short pits the contacts.',
  offUntilDone: 'Leave this circuit off until it is done.',
  advice: 'Phylaxon advises; the local code and licensed practice decide.',
} as const;
export type CautionId = keyof typeof CAUTIONS;

const COUNT = ['no', 'one', 'two', 'three'] as const;
const trials = (n: number) => `${COUNT[n] ?? n} ${n === 1 ? 'trial' : 'trials'}`;

/** A caution in words; that of a reset says how many trials the chosen school allows. */
export function cautionText(id: CautionId, { trialsIntoShort, trialsOtherwise }: Schools): string {
  if (id !== 'reset') return CAUTIONS[id];
  const into = trials(trialsIntoShort);
  const allowed =
    trialsIntoShort === trialsOtherwise
      ? `At most ${into}, then stop and think.`
      : `At most ${into} into a suspected short, ${COUNT[trialsOtherwise]} otherwise.`;
  return `${CAUTIONS.reset} ${allowed}`;
}
