import { logTogetherCommand as command } from '@phylaxon/core/commands';
import { invalidField } from '../errors/index.ts';
import { givenOnce, logEvent, logObservation, logReadings, panelRow } from '../record/index.ts';
import { IsNull } from 'typeorm';
import { BreakerTable } from '../store/index.ts';
import { serve } from './serve.ts';
import { ids } from './shapes.ts';
import * as messages from './messages.ts';

export const serveTogether = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) => {
    const panel = await panelRow(edit.manager, params.id);
    givenOnce(
      body.entries.map(({ entry }) => entry),
      (i) => `entries.${i}.entry.id`,
    );
    const breakers = await edit.manager.findBy(BreakerTable, { panelId: panel.id, removedAt: IsNull() });
    const here = new Set(breakers.map(({ id }) => id));
    const stored: { id: string }[] = [];
    for (const [i, one] of body.entries.entries()) {
      const path = `entries.${i}.entry`;
      if (!here.has(one.breakerId))
        throw invalidField(`entries.${i}.breakerId`, messages.thereIsNoSuchBreakerIn);
      if (one.kind === 'reading')
        stored.push(...(await logReadings(edit, one.breakerId, [one.entry], () => path)));
      else if (one.kind === 'event') stored.push(await logEvent(edit, one.breakerId, one.entry, path));
      else stored.push(await logObservation(edit, one.breakerId, one.entry, path));
    }
    return { where: panel.name, result: { ids: stored.map(({ id }) => id) } };
  },
});
