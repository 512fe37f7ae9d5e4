import { logEventCommand as command } from '@phylaxon/core/commands';
import { logEvent } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const serveEvent = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) => logged(edit, params.id, [await logEvent(edit, params.id, body)]),
});
