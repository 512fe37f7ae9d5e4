import { placementProblem, type Placed } from '../panel/index.ts';
import { parseDirectoryLine, type DirectoryEntry, type DirectoryProblem } from './parseLine.ts';

/** A directory as it was understood, and what of it cannot be. */
export interface Directory {
  entries: DirectoryEntry[];
  problems: DirectoryProblem[];
}

/**
 * Read a whole directory, a breaker a line, and place each in the panel after those before it. Empty
 * lines are passed over.
 *
 * @param text the lines
 * @param spaces how many spaces the panel has
 * @param present the breakers already in it
 * @example parseDirectory('1 kitchen 20\n1 hall 15', 24, []).problems // [{ line: 2, message: 'Space 1 is taken.' }]
 */
export function parseDirectory(text: string, spaces: number, present: readonly Placed[]): Directory {
  const placed: Placed[] = [...present];
  const entries: DirectoryEntry[] = [];
  const problems: DirectoryProblem[] = [];
  text.split(/\r?\n/).forEach((content, index) => {
    if (content.trim() === '') return;
    const line = index + 1;
    const read = parseDirectoryLine(content, line);
    if ('message' in read) {
      problems.push(read);
      return;
    }
    const { space, poles, half } = read;
    const wanted = { id: `line ${line}`, space, poles, half };
    const problem = placementProblem(spaces, placed, wanted);
    if (problem) {
      problems.push({ line, message: problem.message });
      return;
    }
    placed.push(wanted);
    entries.push(read);
  });
  return { entries, problems };
}
