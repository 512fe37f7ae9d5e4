import { sheet } from '@phylaxon/core/board';
import {
  breaker,
  breakerChange,
  circuitInput,
  eventInput,
  observationInput,
  readingInput,
} from '@phylaxon/core/record';
import { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import {
  breakerOf,
  changeBreaker,
  logEvent,
  logObservation,
  logReadings,
  removeBreaker,
  setCircuit,
} from '../record/index.ts';
import type { DecidingRecord } from '../verdict/index.ts';
import { byId, ids } from './shapes.ts';
import { sheetView } from './views.ts';

const readingsInput = z.strictObject({
  readings: z
    .array(readingInput)
    .min(1, 'Give at least one reading.')
    .max(50, 'At most 50 readings at a time.'),
});

export function breakerRoutes(record: DecidingRecord): Route[] {
  return [
    route({
      method: 'get',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Everything about one breaker',
      params: byId,
      status: 200,
      answer: sheet,
      handle: ({ params }) => record.read((manager) => sheetView(manager, params.id)),
    }),
    route({
      method: 'patch',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Change a breaker that stays in its place',
      params: byId,
      body: breakerChange,
      status: 200,
      answer: breaker,
      handle: ({ params, body }) =>
        record.changeBreaker(params.id, async (manager) =>
          breakerOf(await changeBreaker(manager, params.id, body)),
        ),
    }),
    route({
      method: 'delete',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Take a breaker out of its panel; its record stays',
      params: byId,
      status: 200,
      answer: breaker,
      handle: ({ params }) =>
        record.changeBreaker(params.id, async (manager) =>
          breakerOf(await removeBreaker(manager, params.id)),
        ),
    }),
    route({
      method: 'put',
      path: '/breakers/:id/circuit',
      tag: 'breakers',
      summary: 'Set a breaker’s circuit with its loads, whole',
      params: byId,
      body: circuitInput,
      status: 200,
      answer: sheet,
      handle: async ({ params, body }) => {
        await record.changeBreaker(params.id, (manager) => setCircuit(manager, params.id, body));
        return record.read((manager) => sheetView(manager, params.id));
      },
    }),
    route({
      method: 'post',
      path: '/breakers/:id/readings',
      tag: 'log',
      summary: 'Log readings taken together: all of them or none',
      params: byId,
      body: readingsInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        record.changeBreaker(params.id, async (manager) => {
          const rows = await logReadings(manager, params.id, body.readings);
          return { ids: rows.map((row) => row.id) };
        }),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/events',
      tag: 'log',
      summary: 'Log a trip, a reset, or where the handle stands',
      params: byId,
      body: eventInput,
      status: 201,
      answer: ids,
      handle: ({ params, body }) =>
        record.changeBreaker(params.id, async (manager) => ({
          ids: [(await logEvent(manager, params.id, body)).id],
        })),
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
        record.changeBreaker(params.id, async (manager) => ({
          ids: [(await logObservation(manager, params.id, body)).id],
        })),
    }),
  ];
}
