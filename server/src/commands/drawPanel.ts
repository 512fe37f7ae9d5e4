import * as commands from '@phylaxon/core/commands';
import { panel } from '@phylaxon/core/record/entities';
import {
  addPanel,
  changePanel,
  duplicatePanel,
  fitDirectory,
  panelOf,
  removePanel,
} from '../record/index.ts';
import { serve, type Served } from './serve.ts';
import { ids } from './shapes.ts';

export const servePanels: readonly Served[] = [
  serve(commands.addPanel, {
    status: 201,
    answer: panel,
    run: async (edit, { params, body }) => ({ result: panelOf(await addPanel(edit, params.id, body)) }),
  }),
  serve(commands.changePanel, {
    answer: panel,
    run: async (edit, { params, body }) => ({ result: panelOf(await changePanel(edit, params.id, body)) }),
  }),
  serve(commands.removePanel, {
    answer: panel,
    run: async (edit, { params }) => {
      const row = await removePanel(edit, params.id);
      return { where: row.name, result: panelOf(row) };
    },
  }),
  serve(commands.duplicatePanel, {
    status: 201,
    answer: panel,
    run: async (edit, { params, body }) => ({
      result: panelOf(await duplicatePanel(edit, params.id, body.name)),
    }),
  }),
  serve(commands.fitDirectory, {
    status: 201,
    answer: ids,
    run: async (edit, { params, body }) => {
      const fitted = await fitDirectory(edit, params.id, body.text);
      edit.touch(params.id);
      return { where: String(fitted.length), result: { ids: fitted } };
    },
  }),
];
