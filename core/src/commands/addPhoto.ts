import { photoInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';

export const addPhotoCommand = command({
  id: 'add-photo',
  method: 'post',
  path: '/breakers/:id/photos',
  tag: 'log',
  summary: 'Add a picture; whatever a camera wrote into it besides the picture is taken out',
  params: byId,
  body: photoInput,
  upload: 'image/jpeg',
  label: (_body, where) => `Logged a picture at ${where}`,
});
