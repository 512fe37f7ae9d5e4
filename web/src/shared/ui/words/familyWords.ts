import type { BoardBreaker } from '@phylaxon/core/views/board';

type Summary = BoardBreaker['decision'];

/** How a decision is marked: a word and a look, never a colour alone. */
export interface FamilyMark {
  word: string;
  look: 'stop' | 'act' | 'ask' | 'rest';
}

const WORDS: Record<Summary['family'], FamilyMark> = {
  reset: { word: 'Reset', look: 'act' },
  resize: { word: 'Resize', look: 'act' },
  replace: { word: 'Replace', look: 'act' },
  'not-the-breaker': { word: 'Not the breaker', look: 'act' },
  'need-more': { word: 'Measure next', look: 'ask' },
  keep: { word: 'Keep', look: 'rest' },
};

/** What a decision of a family is called. */
export const familyWord = (family: Summary['family']): string => WORDS[family].word;

/** The mark of a decision. */
export function familyMark(decision: Pick<Summary, 'family' | 'stop' | 'toAmps'>): FamilyMark {
  if (decision.stop) return { word: 'Stop', look: 'stop' };
  const mark = WORDS[decision.family];
  return decision.toAmps === null ? mark : { ...mark, word: `${mark.word} to ${decision.toAmps} A` };
}
