import type { Inspection } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { InspectionTable } from '../store/index.ts';
import { inspectionOf } from '../breakerRecords/index.ts';

/** What was last found of each kind at a breaker, struck entries left out. */
export async function latestInspections(manager: EntityManager, breakerId: string): Promise<Inspection[]> {
  const rows = await manager
    .createQueryBuilder(InspectionTable, 'i')
    .where({ breakerId })
    .andWhere('NOT EXISTS (SELECT 1 FROM strike s WHERE s.inspectionId = i.id)')
    .orderBy({ 'i.at': 'ASC', 'i.loggedAt': 'ASC' })
    .getMany();
  const latest = new Map(rows.map((row) => [row.kind, inspectionOf(row, null)]));
  return [...latest.values()];
}
