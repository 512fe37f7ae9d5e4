import { parseDirectory } from '@phylaxon/core/panel/directory';
import { breakerInput, circuitInput } from '@phylaxon/core/record/entities';
import type { Edit } from '../edit/index.ts';
import { invalid } from '../errors/index.ts';
import { branchesOf, fitBreaker, placedOf, tieBreakers } from './breakers.ts';
import { setCircuit } from './circuits.ts';
import { panelRow } from './panelRows.ts';
import * as messages from './messages.ts';

/**
 * Fit the breakers of a typed directory, each with its circuit's name, and note its openings: all of it, or
 * none.
 *
 * @throws Refusal with one issue a line that cannot be taken, at `text.<line>`
 */
export async function fitDirectory(edit: Edit, panelId: string, text: string): Promise<string[]> {
  const panel = await panelRow(edit.manager, panelId);
  const present = (await branchesOf(edit.manager, panelId)).map(placedOf);
  const { entries, openings, problems } = parseDirectory(text, panel, present);
  if (problems.length > 0) {
    const issues = problems.map(({ line, message }) => ({ path: `text.${line}`, message }));
    throw invalid(messages.line(problems[0]!.line, problems[0]!.message), issues);
  }
  const ids: string[] = [];
  for (const { label, space, half, poles, ratingAmps, kind, tied } of entries) {
    const breaker = breakerInput.parse({ space, half, poles, ratingAmps, kind });
    const { id } = await fitBreaker(edit, panelId, breaker);
    const portableReceptacles = poles === 1;
    await setCircuit(edit, id, circuitInput.parse({ label, portableReceptacles }));
    if (tied) await tieBreakers(edit, id, ids.at(-1)!);
    ids.push(id);
  }
  if (openings.length > 0) {
    const { blanks, holes } = await panelRow(edit.manager, panelId);
    const spaces = (cover: 'blank' | 'open') =>
      openings.filter((one) => one.cover === cover).flatMap((one) => one.spaces);
    const merged = (kept: number[], more: number[], not: number[]) =>
      [...new Set([...kept, ...more])].filter((n) => !not.includes(n)).sort((a, b) => a - b);
    await edit.update('panel', panelId, {
      blanks: merged(blanks, spaces('blank'), spaces('open')),
      holes: merged(holes, spaces('open'), spaces('blank')),
    });
    edit.touch(panelId);
  }
  return ids;
}
