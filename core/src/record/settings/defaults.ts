import type { Policies } from './policies.ts';
import type { Settings } from './settings.ts';

/**
 * The defaults. The split rule is the code’s own (NEC 210.20); one trial into a suspected short, since every
 * trip into a dead short pits the contacts, two otherwise, since most failed resets never reached off. A breaker
 * is replaced on signs of wear or after its second dead short: one is what it is built and tested for.
 */
export const DEFAULT_POLICIES: Policies = {
  loading: 'split',
  trialsIntoShort: 1,
  trialsOtherwise: 2,
  afterDeadShort: 'second',
};

/** How figures are shown until somebody chooses otherwise. */
export const DEFAULT_SETTINGS: Settings = {
  ...DEFAULT_POLICIES,
  temperature: 'C',
  length: 'm',
  dates: 'day-month-year',
  clock: '24',
  paper: 'a4',
  theme: 'system',
  instruments: [],
  learn: true,
};
