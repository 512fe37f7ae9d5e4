import { logInspectionCommand as command } from '@phylaxon/core/commands';
import { logInspection } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const serveInspection = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) =>
    logged(edit, params.id, [await logInspection(edit, params.id, body)]),
});
