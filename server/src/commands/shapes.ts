import { atPlace } from '@phylaxon/core/panel/layout';
import { id } from '@phylaxon/core/record/entities';
import { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { breakerRow } from '../record/index.ts';

/** The answer to what was logged or fitted. */
export const ids = z.object({ ids: z.array(id) });

/** What came of logging something of a breaker. */
export const logged = async (edit: Edit, breakerId: string, rows: readonly { id: string }[]) => ({
  where: atPlace(await breakerRow(edit.manager, breakerId)),
  result: { ids: rows.map((row) => row.id) },
});
