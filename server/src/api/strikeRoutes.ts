import { eventInput, observationInput, readingInput, strikeInput } from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import {
  breakerOfEntry,
  breakerRow,
  logEvent,
  logObservation,
  logReadings,
  strike,
  type Strikable,
} from '../record/index.ts';
import type { DecidingRecord } from '../verdict/index.ts';
import { byId, ids } from './shapes.ts';

const correctionOf = {
  readings: strikeInput.extend({ replacement: readingInput.optional() }),
  events: strikeInput.extend({ replacement: eventInput.optional() }),
  observations: strikeInput.extend({ replacement: observationInput.optional() }),
};

/** Log what stands in a struck row's place. */
const logReplacement = {
  readings: async (manager: EntityManager, breakerId: string, input: z.output<typeof readingInput>) =>
    (await logReadings(manager, breakerId, [input]))[0]!.id,
  events: async (manager: EntityManager, breakerId: string, input: z.output<typeof eventInput>) =>
    (await logEvent(manager, breakerId, input)).id,
  observations: async (manager: EntityManager, breakerId: string, input: z.output<typeof observationInput>) =>
    (await logObservation(manager, breakerId, input)).id,
};

export function strikeRoutes(record: DecidingRecord): Route[] {
  return (Object.keys(correctionOf) as Strikable[]).map((kind) =>
    route({
      method: 'post',
      path: `/${kind}/:id/strike`,
      tag: 'log',
      summary: `Strike one of the ${kind}: it stays on record, no longer counts, and may be replaced`,
      params: byId,
      body: correctionOf[kind],
      status: 200,
      answer: ids,
      handle: ({ params, body }) =>
        record.change(async (manager) => {
          const breakerId = await breakerOfEntry(manager, kind, params.id);
          const { panelId } = await breakerRow(manager, breakerId);
          const log = logReplacement[kind] as (
            m: EntityManager,
            b: string,
            input: unknown,
          ) => Promise<string>;
          const replacedBy = body.replacement ? await log(manager, breakerId, body.replacement) : null;
          await strike(manager, kind, params.id, body.why, replacedBy);
          return { panelId, result: { ids: replacedBy === null ? [] : [replacedBy] } };
        }),
    }),
  );
}
