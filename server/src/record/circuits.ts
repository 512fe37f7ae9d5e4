import { randomUUID } from 'node:crypto';
import type { circuitInput } from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { CircuitTable, LoadTable } from '../store/index.ts';
import { breakerRow } from './breakers.ts';

/** Set a breaker's circuit with its loads, whole: what was set before is replaced. */
export async function setCircuit(
  manager: EntityManager,
  breakerId: string,
  input: z.output<typeof circuitInput>,
) {
  await breakerRow(manager, breakerId);
  const { conductor, nameplate, loads, ...rest } = input;
  const old = await manager.findOneBy(CircuitTable, { breakerId });
  const id = old?.id ?? randomUUID();
  await manager.save(CircuitTable, {
    id,
    breakerId,
    ...rest,
    gauge: conductor?.gauge ?? null,
    material: conductor?.material ?? null,
    insulationC: conductor?.insulationC ?? null,
    cable: conductor?.cable ?? null,
    minCircuitAmps: nameplate?.minCircuitAmps ?? null,
    maxBreakerAmps: nameplate?.maxBreakerAmps ?? null,
  });
  await manager.delete(LoadTable, { circuitId: id });
  if (loads.length > 0) {
    await manager.insert(
      LoadTable,
      loads.map((load, position) => ({ id: randomUUID(), circuitId: id, position, ...load })),
    );
  }
}
