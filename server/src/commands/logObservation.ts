import { logObservationCommand as command } from '@phylaxon/core/commands';
import { logObservation } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const serveObservation = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) =>
    logged(edit, params.id, [await logObservation(edit, params.id, body)]),
});
