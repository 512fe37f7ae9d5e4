import { board } from '@phylaxon/core/board';
import { directoryInput } from '@phylaxon/core/directory';
import { breaker, breakerInput, panel, panelInput } from '@phylaxon/core/record';
import { z } from 'zod';
import type { Changes } from '../changes/index.ts';
import { route, type Route } from '../http/index.ts';
import { addPanel, breakerOf, changePanel, fitBreaker, fitDirectory, panelRow } from '../record/index.ts';
import type { DecidingRecord } from '../verdict/index.ts';
import { byId, ids } from './shapes.ts';
import { boardView } from './views.ts';

export function panelRoutes(record: DecidingRecord, changes: Changes): Route[] {
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
        record.change(async (manager) => {
          const row = await addPanel(manager, params.id, body);
          return { panelId: row.id, result: row };
        }),
    }),
    route({
      method: 'get',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'A panel as it hangs, with every breaker’s standing decision',
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
      body: panelInput,
      status: 200,
      answer: panel,
      handle: ({ params, body }) =>
        record.change(async (manager) => ({
          panelId: params.id,
          result: await changePanel(manager, params.id, body),
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
        record.change(async (manager) => ({
          panelId: params.id,
          result: breakerOf(await fitBreaker(manager, params.id, body)),
        })),
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
        record.change(async (manager) => ({
          panelId: params.id,
          result: { ids: await fitDirectory(manager, params.id, body.text) },
        })),
    }),
    {
      method: 'get',
      path: '/panels/:id/changes',
      tag: 'panels',
      summary: 'An event “changed” each time anything in the panel has changed',
      params: byId,
      status: 200,
      answer: z.string(),
      handle: () => undefined,
      stream: async (params, send) => {
        const { id } = params as z.output<typeof byId>;
        await record.read((manager) => panelRow(manager, id));
        return changes.watch(id, () => send('changed'));
      },
    },
  ];
}
