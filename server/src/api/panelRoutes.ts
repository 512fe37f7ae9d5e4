import { board } from '@phylaxon/core/views/board';
import { directoryInput } from '@phylaxon/core/panel/directory';
import { name } from '@phylaxon/core/facts/quantities';
import { breaker, breakerInput, panel, panelChange, panelInput } from '@phylaxon/core/record/entities';
import { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import {
  addPanel,
  breakerOf,
  changePanel,
  duplicatePanel,
  fitBreaker,
  fitDirectory,
  panelOf,
  panelRow,
  removePanel,
  atPlace,
} from '../record/index.ts';
import type { Context } from './context.ts';
import { byId, ids } from './shapes.ts';
import { boardView } from './views.ts';

export function panelRoutes({ record, changes }: Context): Route[] {
  return [
    route({
      method: 'post',
      path: '/sites/:id/panels',
      tag: 'panels',
      summary: 'Add a panel, with its main',
      params: byId,
      body: panelInput,
      status: 201,
      answer: panel,
      handle: ({ params, body }) =>
        record.change(async (edit) => ({
          label: `Drew ${body.name}`,
          result: panelOf(await addPanel(edit, params.id, body)),
        })),
    }),
    route({
      method: 'get',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'A panel as it hangs, with the decision about every breaker',
      params: byId,
      status: 200,
      answer: board,
      handle: ({ params }) => record.read((manager) => boardView(manager, params.id)),
    }),
    route({
      method: 'put',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'Change a panel and its main',
      params: byId,
      body: panelChange,
      status: 200,
      answer: panel,
      handle: ({ params, body }) =>
        record.change(async (edit) => ({
          label: `Changed ${body.name}`,
          result: panelOf(await changePanel(edit, params.id, body)),
        })),
    }),
    route({
      method: 'delete',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'Take a panel off its site; what is on record of it stays',
      params: byId,
      status: 200,
      answer: panel,
      handle: ({ params }) =>
        record.change(async (edit) => {
          const row = await removePanel(edit, params.id);
          return { label: `Took ${row.name} off the site`, result: panelOf(row) };
        }),
    }),
    route({
      method: 'post',
      path: '/panels/:id/duplicate',
      tag: 'panels',
      summary: 'Draw a panel once more, with its breakers and circuits, without its log',
      params: byId,
      body: z.strictObject({ name: name('The panel’s name') }),
      status: 201,
      answer: panel,
      handle: ({ params, body }) =>
        record.change(async (edit) => ({
          label: `Drew ${body.name} like another`,
          result: panelOf(await duplicatePanel(edit, params.id, body.name)),
        })),
    }),
    route({
      method: 'post',
      path: '/panels/:id/breakers',
      tag: 'breakers',
      summary: 'Fit a breaker into free spaces',
      params: byId,
      body: breakerInput,
      status: 201,
      answer: breaker,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const row = await fitBreaker(edit, params.id, body);
          return { label: `Fitted ${row.ratingAmps} A in ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'post',
      path: '/panels/:id/directory',
      tag: 'panels',
      summary: 'Fit the breakers of a typed directory: all of them or none',
      params: byId,
      body: directoryInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const fitted = await fitDirectory(edit, params.id, body.text);
          edit.touch(params.id);
          return { label: `Typed a directory of ${fitted.length}`, result: { ids: fitted } };
        }),
    }),
    {
      method: 'get',
      path: '/panels/:id/changes',
      tag: 'panels',
      summary:
        'An event “changed” each time anything in the panel, or in the drawing of its site, has changed',
      params: byId,
      status: 200,
      answer: z.string(),
      handle: () => undefined,
      stream: async (params, send) => {
        const { id } = params as z.output<typeof byId>;
        const { siteId } = await record.read((manager) => panelRow(manager, id));
        return changes.watch([id, siteId], () => send('changed'));
      },
    },
  ];
}
