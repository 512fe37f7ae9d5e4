export * from './decision.ts';
export { decide } from './decide.ts';
/** Which rules decide; a verdict is stored with it. Changes when a decision may come out otherwise. */
export const ENGINE = 'engine-10';
export { cautionText } from './cautions.ts';
export * from './wouldChange.ts';
export { byEarlierCases } from './byEarlierCases.ts';
export { assessRecord, isRareWhenSound } from './fromRecord.ts';
export { noMoreTrials } from './resetRules.ts';
