import { outcomesOf, type Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import type { EntityManager } from 'typeorm';
import { siteRow } from '../record/index.ts';
import { SiteTable } from '../store/index.ts';
import { closedCases, confirmedEnds } from './closedCases.ts';

/** How the decisions at a site turned out. */
export async function outcomesAt(manager: EntityManager, siteId: string): Promise<Outcomes> {
  const { demo } = await siteRow(manager, siteId);
  return outcomesOf(await closedCases(manager, { siteId }), await confirmedEnds(manager, demo));
}

/** How the decisions at all sites turned out; demo houses only while there is no other. */
export async function outcomesEverywhere(manager: EntityManager): Promise<Outcomes> {
  const demo = (await manager.countBy(SiteTable, { demo: false })) === 0;
  return outcomesOf(await closedCases(manager, { demo }), await confirmedEnds(manager, demo));
}
