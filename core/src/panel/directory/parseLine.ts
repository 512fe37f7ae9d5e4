import { HALF_NAMES, parseSpaceList, type Half, type BreakerKind } from '../layout/index.ts';
import * as messages from './messages.ts';

/** A breaker's line of a directory as it was understood. */
export interface DirectoryEntry {
  /** 1-based, as the person counts. */
  line: number;
  space: number;
  half: Half | null;
  poles: 1 | 2;
  label: string;
  ratingAmps: number;
  kind: BreakerKind;
  /** Its handle is tied to that of the line before. */
  tied: boolean;
}

/** A line about openings without a breaker: closed with a filler, or open. */
export interface DirectoryOpenings {
  line: number;
  spaces: number[];
  cover: 'blank' | 'open';
}

/** Why a line cannot be taken, in words for the person. */
export interface DirectoryProblem {
  line: number;
  message: string;
}

export type DirectoryLine = DirectoryEntry | DirectoryOpenings | DirectoryProblem;

const KINDS: Record<string, BreakerKind> = {
  gf: 'gfci',
  gfci: 'gfci',
  af: 'afci',
  afci: 'afci',
  dual: 'dual',
  'gf+af': 'dual',
  'af+gf': 'dual',
  surge: 'surge',
};
const COVERS: Record<string, DirectoryOpenings['cover']> = {
  blank: 'blank',
  blanks: 'blank',
  filler: 'blank',
  fillers: 'blank',
  open: 'open',
  hole: 'open',
  holes: 'open',
};

interface Place {
  space: number;
  second: number | null;
  half: Half | null;
}

/** "12", "19u", "19-lower", "2-4", "9-11i". */
function readPlace(token: string): Place | null {
  const match = /^(\d{1,3})(?:[-–,+/](\d{1,3}))?(?:[-–]?(upper|lower|inner|outer|u|l|i|o))?$/i.exec(token);
  if (!match) return null;
  const [, space, second, half] = match;
  return {
    space: Number(space),
    second: second === undefined ? null : Number(second),
    half: half === undefined ? null : HALF_NAMES[half.toLowerCase()]!,
  };
}

interface Trailing {
  kind: BreakerKind;
  poles: 1 | 2 | null;
  tied: boolean;
}

/** Take kind, poles and tie off the end of the words, in any order. */
function takeTrailing(words: string[]): Trailing {
  const found: Trailing = { kind: 'standard', poles: null, tied: false };
  for (;;) {
    const word = words.at(-1)?.toLowerCase() ?? '';
    if (KINDS[word]) found.kind = KINDS[word];
    else if (word === '1p' || word === '2p') found.poles = word === '2p' ? 2 : 1;
    else if (word === 'tied') found.tied = true;
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
 * not the usual ones; or openings without a breaker. Whether the place is free is another question.
 *
 * @param text the line, such as "1 kitchen counter 20", "2-4 range 40 2p", "19u office 15 af",
 *   "5i dryer 30", "7 porch 15 tied", "13-16 blank"
 * @param line its number, from 1
 * @returns what it says, or why it cannot be taken
 * @example parseDirectoryLine('2-4 range 40', 1)
 *   // { line: 1, space: 2, half: null, poles: 2, label: 'range', ratingAmps: 40, kind: 'standard', tied: false }
 */
export function parseDirectoryLine(text: string, line: number): DirectoryLine {
  const [first = '', ...words] = text.trim().split(/\s+/);
  const problem = (message: string) => ({ line, message });
  const cover = words.length === 1 ? COVERS[words[0]!.toLowerCase()] : undefined;
  if (cover) {
    const spaces = parseSpaceList(first);
    return spaces ? { line, spaces, cover } : problem(messages.isNotAListOfSpaces(first));
  }
  const place = readPlace(first);
  if (!place) return problem(messages.isNotASpaceStartWith(first));
  const { kind, poles, tied } = takeTrailing(words);
  const ratingAmps = takeRating(words);
  if (ratingAmps === null) return problem(messages.enterTheRatingInAAfter);
  if (ratingAmps < 1 || ratingAmps > 1000) return problem(messages.theRatingMustBeFrom1);
  const label = words.join(' ');
  if (label === '') return problem(messages.enterWhatItFeedsBetweenThe);
  if (label.length > 120) return problem(messages.aNameCanHaveAtMost);
  if (place.second !== null && poles === 1) return problem(messages.aOnePoleBreakerTakesOne);
  if (place.second !== null && place.second !== place.space + 2) {
    return problem(messages.aTwoPoleBreakerMustBe(place.space, place.space + 2, place.space, place.second));
  }
  const quad = place.half === 'inner' || place.half === 'outer';
  return {
    line,
    space: place.space,
    half: place.half,
    poles: place.second !== null || poles === 2 || (quad && poles === null) ? 2 : 1,
    label,
    ratingAmps,
    kind,
    tied,
  };
}
