import { photoInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const addPhotoCommand = command({
  id: 'add-photo',
  method: 'post',
  path: '/breakers/:id/photos',
  tag: 'log',
  summary: 'Add a photo; all data the camera added to the image is removed',
  params: byId,
  body: photoInput,
  upload: 'image/jpeg',
  label: (_body, where) => messages.addedAPhotoAt(where),
});
