import { writeNoteCommand as command } from '@phylaxon/core/commands';
import { logNote } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const serveNote = serve(command, {
  status: 201,
  answer: ids,
  run: async (edit, { params, body }) => logged(edit, params.id, [await logNote(edit, params.id, body)]),
});
