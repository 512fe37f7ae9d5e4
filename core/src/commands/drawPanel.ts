import { z } from 'zod';
import { name } from '../facts/quantities/index.ts';
import { directoryInput } from '../panel/directory/index.ts';
import { panelChange, panelInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const addPanelCommand = command({
  id: 'add-panel',
  method: 'post',
  path: '/sites/:id/panels',
  tag: 'panels',
  summary: 'Add a panel with its main',
  params: byId,
  body: panelInput,
  label: (panel) => messages.added(panel.name),
});

export const changePanelCommand = command({
  id: 'change-panel',
  method: 'put',
  path: '/panels/:id',
  tag: 'panels',
  summary: 'Edit a panel and its main',
  params: byId,
  body: panelChange,
  label: (panel) => messages.edited(panel.name),
});

export const removePanelCommand = command({
  id: 'remove-panel',
  method: 'delete',
  path: '/panels/:id',
  tag: 'panels',
  summary: 'Remove a panel from its site; its record is kept',
  params: byId,
  label: (_body, where) => messages.removedFromTheSite(where),
});

export const duplicatePanelCommand = command({
  id: 'duplicate-panel',
  method: 'post',
  path: '/panels/:id/duplicate',
  tag: 'panels',
  summary: 'Duplicate a panel with its breakers and circuits, without its log',
  params: byId,
  body: z.strictObject({ name: name(messages.panelName) }),
  label: (panel) => messages.addedAsACopy(panel.name),
});

export const fitDirectoryCommand = command({
  id: 'fit-directory',
  method: 'post',
  path: '/panels/:id/directory',
  tag: 'panels',
  summary: 'Install the breakers of a typed directory, all of them or none',
  params: byId,
  body: directoryInput,
  label: (_body, where) => messages.addedATypedDirectoryTo(where),
});
