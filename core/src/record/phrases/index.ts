export { type Amount, amountAt } from './amounts.ts';
export { Cursor } from './cursor.ts';
export { FILLERS } from './fillers.ts';
export { FINDING_PHRASES } from './findingPhrases.ts';
export { type LabelScore, Labels } from './labels.ts';
export { type PhraseMeaning, type PointWord, phraseAt } from './phrases.ts';
export { type Token, tokensOf } from './tokens.ts';
export { type UnitOf, numberWord, unitBefore } from './units.ts';
