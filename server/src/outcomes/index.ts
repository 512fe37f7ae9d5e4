export { hasConfirmedEnds } from './closedCases.ts';
export { learnedAt, type Teaches } from './learnedAt.ts';
export { outcomesAt, outcomesEverywhere } from './outcomes.ts';
