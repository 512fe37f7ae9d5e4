import {
  eventInput,
  noteInput,
  observationInput,
  photoInput,
  readingInput,
} from '@phylaxon/core/record/entities';
import { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { Download, route, type Route } from '../http/index.ts';
import {
  breakerRow,
  logEvent,
  logNote,
  logObservation,
  logPhoto,
  logReadings,
  atPlace,
} from '../record/index.ts';
import { MOST_PHOTO_BYTES } from '../photos/index.ts';
import type { Context } from './context.ts';
import { byId, ids } from './shapes.ts';

const readingsInput = z.strictObject({
  readings: z
    .array(readingInput)
    .min(1, 'Give at least one reading.')
    .max(50, 'At most 50 readings at a time.'),
});

/** How a logged event is called by who would undo it. */
const EVENT_NAMES = {
  trip: 'a trip',
  reset: 'a reset',
  handle: 'where the handle stands',
  held: 'a time it held',
} as const;

export function logRoutes({ record, photos }: Context): Route[] {
  /** Log something of a breaker. */
  const log = (breakerId: string, what: string, work: (edit: Edit) => Promise<{ id: string }[]>) =>
    record.change(async (edit) => {
      const row = await breakerRow(edit.manager, breakerId);
      const rows = await work(edit);
      return {
        label: `Logged ${what} at ${atPlace(row)}`,
        result: { ids: rows.map(({ id }) => id) },
      };
    });

  return [
    route({
      method: 'post',
      path: '/breakers/:id/readings',
      tag: 'log',
      summary: 'Log readings taken together: all of them or none',
      params: byId,
      body: readingsInput,
      status: 201,
      answer: ids,
      handle: ({ params, body: { readings } }) =>
        log(params.id, readings.length === 1 ? 'a reading' : `${readings.length} readings`, (edit) =>
          logReadings(edit, params.id, readings),
        ),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/events',
      tag: 'log',
      summary: 'Log a trip, a reset, a time it held, or where the handle stands',
      params: byId,
      body: eventInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        log(params.id, EVENT_NAMES[body.kind], async (edit) => [await logEvent(edit, params.id, body)]),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/observations',
      tag: 'log',
      summary: 'Log what was seen, heard, felt or tested',
      params: byId,
      body: observationInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        log(params.id, 'what was found', async (edit) => [await logObservation(edit, params.id, body)]),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/notes',
      tag: 'log',
      summary: 'Write a note',
      params: byId,
      body: noteInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        log(params.id, 'a note', async (edit) => [await logNote(edit, params.id, body)]),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/photos',
      tag: 'log',
      summary: 'Add a picture; whatever a camera wrote into it besides the picture is taken out',
      params: byId,
      query: photoInput,
      upload: { types: ['image/jpeg'], limitBytes: MOST_PHOTO_BYTES },
      status: 201,
      answer: ids,
      handle: async ({ params, query, upload }) => {
        // The file first: a row never points to a picture that is not kept.
        const file = await photos.keep(upload);
        return log(params.id, 'a picture', async (edit) => [await logPhoto(edit, params.id, query, file)]);
      },
    }),
    {
      method: 'get',
      path: '/photos/:sha256',
      tag: 'log',
      summary: 'A picture',
      params: z.object({ sha256: z.string().regex(/^[0-9a-f]{64}$/, 'No picture has such a name.') }),
      status: 200,
      answer: z.string(),
      file: 'image/jpeg',
      handle: async ({ params }) =>
        new Download('image/jpeg', await photos.read((params as { sha256: string }).sha256)),
    },
  ];
}
