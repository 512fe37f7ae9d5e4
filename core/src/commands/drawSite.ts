import { z } from 'zod';
import { curveInput, siteChange, siteInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const addSiteCommand = command({
  id: 'add-site',
  method: 'post',
  path: '/sites',
  tag: 'sites',
  summary: 'Add a site',
  params: z.object({}),
  body: siteInput,
  label: ({ name }) => messages.added(name),
});

export const changeSiteCommand = command({
  id: 'change-site',
  method: 'put',
  path: '/sites/:id',
  tag: 'sites',
  summary: 'Edit a site',
  params: byId,
  body: siteChange,
  label: () => messages.editedTheSiteSNameNote,
});

export const setCurveCommand = command({
  id: 'set-curve',
  method: 'put',
  path: '/sites/:id/curves',
  tag: 'sites',
  summary: 'Set the printed trip curve of a breaker family',
  params: byId,
  body: curveInput,
  label: ({ family }) => messages.setTheTripCurveOf(family),
});

export const removeCurveCommand = command({
  id: 'remove-curve',
  method: 'delete',
  path: '/curves/:id',
  tag: 'sites',
  summary: 'Remove the trip curve of a family; its breakers use the standard curve again',
  params: byId,
  label: (_body, family) => messages.removedTheTripCurveOf(family),
});
