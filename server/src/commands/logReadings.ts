import { logReadingsCommand as command } from '@phylaxon/core/commands';
import { logReadings } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const serveReadings = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) =>
    logged(edit, params.id, await logReadings(edit, params.id, body.readings)),
});
