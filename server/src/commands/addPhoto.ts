import { addPhotoCommand as command } from '@phylaxon/core/commands';
import { logPhoto } from '../record/index.ts';
import { serve } from './serve.ts';
import { ids, logged } from './shapes.ts';

export const servePhoto = serve(command, {
  status: 201,
  answer: ids,
  keep: ({ photos }, upload) => photos.keep(upload),
  run: async (edit, { params, body }, file) =>
    logged(edit, params.id, [await logPhoto(edit, params.id, body, file)]),
});
