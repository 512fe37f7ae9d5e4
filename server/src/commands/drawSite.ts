import * as commands from '@phylaxon/core/commands';
import { curve, site } from '@phylaxon/core/record/entities';
import { addSite, changeSite, removeCurve, setCurve } from '../record/index.ts';
import { serve, type ServedCommand } from './serve.ts';

export const serveSites: readonly ServedCommand[] = [
  serve(commands.addSiteCommand, {
    status: 201,
    answer: site,
    run: async (edit, { body }) => {
      const row = await addSite(edit.manager, body);
      return { siteId: row.id, result: row };
    },
  }),
  serve(commands.changeSiteCommand, {
    answer: site,
    run: async (edit, { params, body }) => ({
      siteId: params.id,
      result: await changeSite(edit, params.id, body),
    }),
  }),
  serve(commands.setCurveCommand, {
    answer: curve,
    run: async (edit, { params, body }) => ({
      siteId: params.id,
      result: await setCurve(edit, params.id, body),
    }),
  }),
  serve(commands.removeCurveCommand, {
    answer: curve,
    run: async (edit, { params }) => {
      const row = await removeCurve(edit, params.id);
      return { where: row.family, siteId: row.siteId, result: row };
    },
  }),
];
