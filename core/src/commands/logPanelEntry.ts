import { mayLogOfPanel, panelEntryInput, sayPanelEntry } from '../record/panelEntries/index.ts';
import { command } from './command.ts';
import { byId } from './shapes.ts';

export const logPanelEntry = command({
  id: 'log-panel-entry',
  method: 'post',
  path: '/panels/:id/entries',
  tag: 'log',
  summary: 'Log something of a panel as a whole: a recording, a heat picture, a scan, a sign',
  params: byId,
  body: panelEntryInput,
  label: (entry, where) => `Logged ${sayPanelEntry(entry).name.toLowerCase()} of ${where}`,
  refuses: mayLogOfPanel,
});
