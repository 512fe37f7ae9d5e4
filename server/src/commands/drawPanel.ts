import * as commands from '@phylaxon/core/commands';
import { panel } from '@phylaxon/core/record/entities';
import {
  addPanel,
  changePanel,
  duplicatePanel,
  fitDirectory,
  panelFromRow,
  removePanel,
} from '../record/index.ts';
import { serve, type ServedCommand } from './serve.ts';
import { ids } from './shapes.ts';

export const servePanels: readonly ServedCommand[] = [
  serve(commands.addPanelCommand, {
    status: 201,
    answer: panel,
    run: async (edit, { params, body }) => ({ result: panelFromRow(await addPanel(edit, params.id, body)) }),
  }),
  serve(commands.changePanelCommand, {
    answer: panel,
    run: async (edit, { params, body }) => ({
      result: panelFromRow(await changePanel(edit, params.id, body)),
    }),
  }),
  serve(commands.removePanelCommand, {
    answer: panel,
    run: async (edit, { params }) => {
      const row = await removePanel(edit, params.id);
      return { where: row.name, result: panelFromRow(row) };
    },
  }),
  serve(commands.duplicatePanelCommand, {
    status: 201,
    answer: panel,
    run: async (edit, { params, body }) => ({
      result: panelFromRow(await duplicatePanel(edit, params.id, body.name)),
    }),
  }),
  serve(commands.fitDirectoryCommand, {
    status: 201,
    answer: ids,
    run: async (edit, { params, body }) => {
      const fitted = await fitDirectory(edit, params.id, body.text);
      edit.touch(params.id);
      return { where: String(fitted.length), result: { ids: fitted } };
    },
  }),
];
