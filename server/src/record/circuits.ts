import type { circuitInput } from '@phylaxon/core/record/entities';
import type { z } from 'zod';
import { newRowId, refuseStale, type Edit } from '../edit/index.ts';
import { CircuitTable, LoadTable } from '../store/index.ts';
import { breakerRow } from './breakers.ts';
import { circuitColumns } from '../breakerRecords/index.ts';
import * as messages from './messages.ts';

/** Set a breaker's circuit with its loads, whole: what was set before is replaced. */
export async function setCircuit(edit: Edit, breakerId: string, input: z.output<typeof circuitInput>) {
  const { manager } = edit;
  const { panelId } = await breakerRow(manager, breakerId);
  const { conductor, nameplate, loads, version, ...rest } = input;
  const old = await manager.findOneBy(CircuitTable, { breakerId });
  refuseStale(messages.thisCircuit, old, version);
  const id = old?.id ?? newRowId();
  const fields = { ...rest, ...circuitColumns({ conductor, nameplate }) };
  if (old) await edit.update('circuit', id, fields);
  else await edit.insert('circuit', { id, breakerId, ...fields, version: 1 });
  for (const load of await manager.findBy(LoadTable, { circuitId: id })) await edit.remove('load', load.id);
  for (const [position, load] of loads.entries()) {
    await edit.insert('load', { id: newRowId(), circuitId: id, position, ...load });
  }
  edit.touch(panelId);
}
