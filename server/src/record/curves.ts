import type { Curve, curveInput } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { newRowId, refuseStale, type Edit } from '../edit/index.ts';
import { notFound } from '../errors/index.ts';
import { CurveTable } from '../store/index.ts';
import { panelsOf } from './panelRows.ts';
import { siteRow } from './sites.ts';
import * as messages from './messages.ts';

/** The printed trip curves of the part families at a site, by family. */
export const curvesOf = (manager: EntityManager, siteId: string): Promise<Curve[]> =>
  manager.find(CurveTable, { where: { siteId }, order: { family: 'ASC' } });

/** A curve bears on every breaker of its family, wherever at the site it sits. */
async function touchSite(edit: Edit, siteId: string) {
  for (const panel of await panelsOf(edit.manager, siteId)) edit.touch(panel.id);
}

/** Set the printed curve of a part family; the one that was there is replaced. */
export async function setCurve(
  edit: Edit,
  siteId: string,
  input: z.output<typeof curveInput>,
): Promise<Curve> {
  await siteRow(edit.manager, siteId);
  const { family, version } = input;
  const points = [...input.points].sort((a, b) => a.multiple - b.multiple);
  const known = (await curvesOf(edit.manager, siteId)).find(
    (one) => one.family.toLowerCase() === family.toLowerCase(),
  );
  refuseStale(messages.thisCurve, known ?? null, version);
  await touchSite(edit, siteId);
  if (known) return edit.update('curve', known.id, { family, points });
  const row = { id: newRowId(), siteId, family, points, version: 1 };
  await edit.insert('curve', row);
  return row;
}

/** Take a family’s curve away: its breakers go by the standard again. */
export async function removeCurve(edit: Edit, id: string): Promise<Curve> {
  const row = await edit.manager.findOneBy(CurveTable, { id });
  if (!row) throw notFound(messages.thisCurve);
  await touchSite(edit, row.siteId);
  await edit.remove('curve', id);
  return row;
}
