import { mayLogOfPanel, PANEL_ENTRIES, panelEntryInput } from '../record/panelEntries/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const logPanelEntryCommand = command({
  id: 'log-panel-entry',
  method: 'post',
  path: '/panels/:id/entries',
  tag: 'log',
  summary: 'Log an entry about a panel as a whole: a recording, an infrared image, a load test, a sign',
  params: byId,
  body: panelEntryInput,
  label: ({ kind }, where) => messages.logged(PANEL_ENTRIES[kind].name.toLowerCase(), where),
  refuses: mayLogOfPanel,
  inOrder: ({ kind }) => kind === 'visit-step',
});
