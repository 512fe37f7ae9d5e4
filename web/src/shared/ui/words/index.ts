export { KIND_SHORT, KIND_WORDS, breakerText, placeText } from './breakerWords.ts';
export { capital, uncapital } from './capital.ts';
export { type FamilyMark, familyMark, familyWord } from './familyWords.ts';
export { inUnit } from './inUnit.ts';
export {
  type Units,
  ampsText,
  nowLocal,
  percentText,
  toInstant,
  unitsOf,
  useUnits,
  voltsText,
} from './units.ts';
