import { z } from 'zod';
import { curveInput, siteChange, siteInput } from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';

export const addSiteCommand = command({
  id: 'add-site',
  method: 'post',
  path: '/sites',
  tag: 'sites',
  summary: 'Add a site',
  params: z.object({}),
  body: siteInput,
  label: ({ name }) => `Added ${name}`,
});

export const changeSiteCommand = command({
  id: 'change-site',
  method: 'put',
  path: '/sites/:id',
  tag: 'sites',
  summary: 'Change a site',
  params: byId,
  body: siteChange,
  label: () => 'Changed the site’s name, note or time zone',
});

export const setCurveCommand = command({
  id: 'set-curve',
  method: 'put',
  path: '/sites/:id/curves',
  tag: 'sites',
  summary: 'Set the printed trip curve of a part family',
  params: byId,
  body: curveInput,
  label: ({ family }) => `Set the trip curve of ${family}`,
});

export const removeCurveCommand = command({
  id: 'remove-curve',
  method: 'delete',
  path: '/curves/:id',
  tag: 'sites',
  summary: 'Take a family’s trip curve away: its breakers go by the standard again',
  params: byId,
  label: (_body, family) => `Removed the trip curve of ${family}`,
});
