import { logPanelEntryCommand as command } from '@phylaxon/core/commands';
import { logPanelEntry, panelRow } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids } from './shapes.ts';

export const servePanelEntry = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) => {
    const { id } = await logPanelEntry(edit, params.id, body);
    return { where: (await panelRow(edit.manager, params.id)).name, result: { ids: [id] } };
  },
});
