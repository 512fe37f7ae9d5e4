import { fittingProblem, tieProblem, type PanelShape, type Placed } from '../layout/index.ts';
import {
  parseDirectoryLine,
  type DirectoryEntry,
  type DirectoryOpenings,
  type DirectoryProblem,
} from './parseLine.ts';
import * as messages from './messages.ts';

/** A directory as it was understood, and what of it cannot be. */
export interface Directory {
  entries: DirectoryEntry[];
  openings: DirectoryOpenings[];
  problems: DirectoryProblem[];
}

/**
 * Read a whole directory, a breaker a line, and place each in the panel after those before it. Empty
 * lines are passed over.
 *
 * @param text the lines
 * @param panel the panel's shape and label; parts are taken to be of its own family
 * @param present the breakers already in it
 * @returns breakers with their places, openings, and what cannot be taken, by line
 * @example parseDirectory('1 kitchen 20\n1 hall 15', panel, []).problems // [{ line: 2, message: 'Space 1 is taken.' }]
 */
export function parseDirectory(text: string, panel: PanelShape, present: readonly Placed[]): Directory {
  const placed: Placed[] = [...present];
  const found: Directory = { entries: [], openings: [], problems: [] };
  let before: Placed | null = null;
  text.split(/\r?\n/).forEach((content, index) => {
    if (content.trim() === '') return;
    const line = index + 1;
    const read = parseDirectoryLine(content, line);
    const problem = (message: string) => found.problems.push({ line, message });
    if ('message' in read) {
      found.problems.push(read);
    } else if ('cover' in read) {
      const message = openingsProblem(read, panel, placed);
      if (message === null) found.openings.push(read);
      else problem(message);
    } else {
      const wanted = { id: `line ${line}`, space: read.space, poles: read.poles, half: read.half };
      const message = entryProblem(panel, placed, wanted, read.tied ? before : undefined);
      if (message === null) {
        placed.push(wanted);
        found.entries.push(read);
        before = wanted;
      } else problem(message);
    }
  });
  return found;
}

/** Why a line's breaker cannot sit there or be tied to the one before; `before` undefined: no tie asked for. */
function entryProblem(
  panel: PanelShape,
  placed: readonly Placed[],
  wanted: Placed,
  before: Placed | null | undefined,
): string | null {
  const problem = fittingProblem(panel, placed, wanted, panel.family);
  if (problem) return problem.message;
  if (before === undefined) return null;
  return before === null ? messages.thereIsNoBreakerOnAn : tieProblem(before, wanted);
}

function openingsProblem(
  { spaces }: DirectoryOpenings,
  panel: PanelShape,
  placed: readonly Placed[],
): string | null {
  for (const space of spaces) {
    if (space < 1 || space > panel.spaces) return messages.thisPanelHasSpaces1To(panel.spaces);
    const here: Placed = { id: '', space, poles: 1, half: null };
    const anywhere = { ...panel, narrowSpaces: null, splitAt: null };
    if (fittingProblem(anywhere, placed, here, '')) return messages.spaceAlreadyHasABreaker(space);
  }
  return null;
}
