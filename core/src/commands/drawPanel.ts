import { z } from 'zod';
import { name } from '../facts/quantities/index.ts';
import { directoryInput } from '../panel/directory/index.ts';
import { panelChange, panelInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';

export const addPanelCommand = command({
  id: 'add-panel',
  method: 'post',
  path: '/sites/:id/panels',
  tag: 'panels',
  summary: 'Add a panel, with its main',
  params: byId,
  body: panelInput,
  label: (panel) => `Drew ${panel.name}`,
});

export const changePanelCommand = command({
  id: 'change-panel',
  method: 'put',
  path: '/panels/:id',
  tag: 'panels',
  summary: 'Change a panel and its main',
  params: byId,
  body: panelChange,
  label: (panel) => `Changed ${panel.name}`,
});

export const removePanelCommand = command({
  id: 'remove-panel',
  method: 'delete',
  path: '/panels/:id',
  tag: 'panels',
  summary: 'Take a panel off its site; what is on record of it stays',
  params: byId,
  label: (_body, where) => `Took ${where} off the site`,
});

export const duplicatePanelCommand = command({
  id: 'duplicate-panel',
  method: 'post',
  path: '/panels/:id/duplicate',
  tag: 'panels',
  summary: 'Draw a panel once more, with its breakers and circuits, without its log',
  params: byId,
  body: z.strictObject({ name: name('The panel’s name') }),
  label: (panel) => `Drew ${panel.name} like another`,
});

export const fitDirectoryCommand = command({
  id: 'fit-directory',
  method: 'post',
  path: '/panels/:id/directory',
  tag: 'panels',
  summary: 'Fit the breakers of a typed directory: all of them or none',
  params: byId,
  body: directoryInput,
  label: (_body, where) => `Typed a directory of ${where}`,
});
