export const at = (place: string, text: string) => `At ${place}: ${text}`;
export const theBreakerHasClearedYour = (shorts: string, afterDeadShort: string) =>
  `The breaker has cleared ${shorts}. Your settings replace a breaker ${afterDeadShort}.`;
export const aShortCircuit = 'a short circuit';
export const shortCircuits = (shorts: number) => `${shorts} short circuits`;
export const afterEachOne = 'after each one';
export const afterTheSecond = 'after the second';
export const theLoadIsMoreThanThis = 'The load is more than this circuit can supply.';
