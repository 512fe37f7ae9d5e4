import { parseDirectory } from '@phylaxon/core/directory';
import { breakerInput, circuitInput } from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import { ApiError } from '../http/index.ts';
import { branchesOf, fitBreaker, placedOf } from './breakers.ts';
import { setCircuit } from './circuits.ts';
import { panelRow } from './panels.ts';

/**
 * Fit the breakers of a typed directory, each with its circuit's name: all of them, or none.
 *
 * @throws ApiError with one issue a line that cannot be taken, at `text.<line>`
 */
export async function fitDirectory(manager: EntityManager, panelId: string, text: string): Promise<string[]> {
  const panel = await panelRow(manager, panelId);
  const present = (await branchesOf(manager, panelId)).map(placedOf);
  const { entries, problems } = parseDirectory(text, panel.spaces, present);
  if (problems.length > 0) {
    const issues = problems.map(({ line, message }) => ({ path: `text.${line}`, message }));
    throw new ApiError(400, 'invalid_input', `Line ${problems[0]!.line}: ${problems[0]!.message}`, issues);
  }
  const ids: string[] = [];
  for (const { label, space, half, poles, ratingAmps, kind } of entries) {
    const breaker = breakerInput.parse({ space, half, poles, ratingAmps, kind });
    const { id } = await fitBreaker(manager, panelId, breaker);
    const portableReceptacles = poles === 1;
    await setCircuit(manager, id, circuitInput.parse({ label, portableReceptacles }));
    ids.push(id);
  }
  return ids;
}
