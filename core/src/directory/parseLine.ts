import type { Half } from '../panel/index.ts';
import type { BreakerKind } from '../record/index.ts';

/** One line of a directory as it was understood. */
export interface DirectoryEntry {
  /** 1-based, as the person counts. */
  line: number;
  space: number;
  half: Half | null;
  poles: 1 | 2;
  label: string;
  ratingAmps: number;
  kind: BreakerKind;
}

/** Why a line cannot be taken, in words for the person. */
export interface DirectoryProblem {
  line: number;
  message: string;
}

const KINDS: Record<string, BreakerKind> = {
  gf: 'gfci',
  gfci: 'gfci',
  af: 'afci',
  afci: 'afci',
  dual: 'dual',
  'gf+af': 'dual',
  'af+gf': 'dual',
};
const HALVES: Record<string, Half> = { u: 'upper', upper: 'upper', l: 'lower', lower: 'lower' };

interface Place {
  space: number;
  second: number | null;
  half: Half | null;
}

/** "12", "19u", "19-lower", "2-4". */
function readPlace(token: string): Place | null {
  const match = /^(\d{1,3})(?:[-–,+/](\d{1,3})|[-–]?(u|l|upper|lower))?$/i.exec(token);
  if (!match) return null;
  const [, space, second, half] = match;
  return {
    space: Number(space),
    second: second === undefined ? null : Number(second),
    half: half === undefined ? null : HALVES[half.toLowerCase()]!,
  };
}

interface Trailing {
  kind: BreakerKind;
  poles: 1 | 2 | null;
}

/** Take kind and poles off the end of the words, in any order. */
function takeTrailing(words: string[]): Trailing {
  const found: Trailing = { kind: 'standard', poles: null };
  for (;;) {
    const word = words.at(-1)?.toLowerCase() ?? '';
    if (KINDS[word]) found.kind = KINDS[word];
    else if (word === '1p' || word === '2p') found.poles = word === '2p' ? 2 : 1;
    else return found;
    words.pop();
  }
}

/** The rating is the last word: "20", "20a", "20 A". */
function takeRating(words: string[]): number | null {
  if (words.at(-1)?.toLowerCase() === 'a') words.pop();
  const match = /^(\d{1,4}(?:\.\d+)?)a?$/i.exec(words.at(-1) ?? '');
  if (!match) return null;
  words.pop();
  return Number(match[1]);
}

/**
 * Read one line of a panel's directory: place, name, rating in A, then kind and poles where they are
 * not the usual ones. Whether the place is free is another question.
 *
 * @param text the line, such as "1 kitchen counter 20", "2-4 range 40 2p", "19u office 15 af"
 * @param line its number, from 1
 * @example parseDirectoryLine('2-4 range 40', 1)
 *   // { line: 1, space: 2, half: null, poles: 2, label: 'range', ratingAmps: 40, kind: 'standard' }
 */
export function parseDirectoryLine(text: string, line: number): DirectoryEntry | DirectoryProblem {
  const [first = '', ...words] = text.trim().split(/\s+/);
  const problem = (message: string) => ({ line, message });
  const place = readPlace(first);
  if (!place) return problem(`“${first}” is no place: begin with the space, such as 12, 2-4 or 19u.`);
  const { kind, poles } = takeTrailing(words);
  const ratingAmps = takeRating(words);
  if (ratingAmps === null)
    return problem('Say the rating in A after the name, such as “kitchen counter 20”.');
  if (ratingAmps < 1 || ratingAmps > 1000) return problem('The rating must be from 1 to 1000 A.');
  const label = words.join(' ');
  if (label === '') return problem('Say what it feeds, between the space and the rating.');
  if (label.length > 120) return problem('A name may have 120 characters at most.');
  if (place.second !== null && poles === 1)
    return problem('A one-pole unit takes one space: give one, or 2p.');
  if (place.second !== null && place.second !== place.space + 2) {
    return problem(
      `A two-pole unit must straddle both legs: spaces ${place.space} and ${place.space + 2}, not ${place.space} and ${place.second}.`,
    );
  }
  return {
    line,
    space: place.space,
    half: place.half,
    poles: place.second !== null || poles === 2 ? 2 : 1,
    label,
    ratingAmps,
    kind,
  };
}
