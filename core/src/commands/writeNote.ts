import { noteInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const writeNoteCommand = command({
  id: 'write-note',
  method: 'post',
  path: '/breakers/:id/notes',
  tag: 'log',
  summary: 'Write a note',
  params: byId,
  body: noteInput,
  label: (_body, where) => messages.loggedANoteAt(where),
});
