export const enterYesOrNoForWhether = 'Enter yes or no for whether it may be turned off.';
export const enterAtLeastOneBreaker = 'Enter at least one breaker.';
export const enterAtMost84Breakers = 'Enter at most 84 breakers.';
export const enterAtMost84Rounds = 'Enter at most 84 rounds.';
export const enterAtMost2000Places = 'Enter at most 2000 places.';
export const thereIsNoBreaker = (one: string) => `There is no breaker “${one}”.`;
export const thereWereRoundsButEntries = (madeCount: number, deadCount: number) =>
  `There were ${madeCount} rounds, but ${deadCount} entries.`;
