export * from './decision.ts';
export { decide } from './decide.ts';
/** Which rules decide; a verdict is stored with it. Changes when a decision may come out otherwise. */
export const ENGINE = 'engine-1';
export { cautionText } from './cautions.ts';
export * from './diagnosis.ts';
export { assess, diagnose, isSettled, nextTests, rankedCauses, type Assessment } from './diagnose.ts';
