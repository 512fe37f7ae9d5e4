import * as commands from '@phylaxon/core/commands';
import { curve, site } from '@phylaxon/core/record/entities';
import { addSite, changeSite, removeCurve, setCurve } from '../record/index.ts';
import { serve, type Served } from './serve.ts';

export const serveSites: readonly Served[] = [
  serve(commands.addSite, {
    status: 201,
    answer: site,
    run: async (edit, { body }) => {
      const row = await addSite(edit.manager, body);
      return { siteId: row.id, result: row };
    },
  }),
  serve(commands.changeSite, {
    answer: site,
    run: async (edit, { params, body }) => ({
      siteId: params.id,
      result: await changeSite(edit, params.id, body),
    }),
  }),
  serve(commands.setCurve, {
    answer: curve,
    run: async (edit, { params, body }) => ({
      siteId: params.id,
      result: await setCurve(edit, params.id, body),
    }),
  }),
  serve(commands.removeCurve, {
    answer: curve,
    run: async (edit, { params }) => {
      const row = await removeCurve(edit, params.id);
      return { where: row.family, siteId: row.siteId, result: row };
    },
  }),
];
