import type { BoardBreaker } from '@phylaxon/core/views/board';

type Standing = BoardBreaker['standing'];

/** How a decision is marked: a word and a look, never a colour alone. */
export interface FamilyMark {
  word: string;
  look: 'stop' | 'act' | 'ask' | 'rest';
}

const WORDS: Record<Standing['family'], FamilyMark> = {
  reset: { word: 'Reset', look: 'act' },
  resize: { word: 'Resize', look: 'act' },
  replace: { word: 'Replace', look: 'act' },
  'not-the-breaker': { word: 'Not the breaker', look: 'act' },
  'need-more': { word: 'Measure next', look: 'ask' },
  keep: { word: 'Keep', look: 'rest' },
};

/** What a decision of a family is called. */
export const familyWord = (family: Standing['family']): string => WORDS[family].word;

/** The mark of a standing decision. */
export function familyMark(standing: Pick<Standing, 'family' | 'stop' | 'toAmps'>): FamilyMark {
  if (standing.stop) return { word: 'Stop', look: 'stop' };
  const mark = WORDS[standing.family];
  return standing.toAmps === null ? mark : { ...mark, word: `${mark.word} to ${standing.toAmps} A` };
}
