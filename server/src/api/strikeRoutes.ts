import {
  eventInput,
  noteInput,
  observationInput,
  readingInput,
  strikeInput,
} from '@phylaxon/core/record/entities';
import type { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { route, type Route } from '../http/index.ts';
import { invalidField } from '../errors/index.ts';
import {
  breakerOfEntry,
  logEvent,
  logNote,
  logObservation,
  logReadings,
  atPlace,
  strike,
} from '../record/index.ts';
import type { Context } from './context.ts';
import { byId, ids } from './shapes.ts';

const correctionOf = {
  readings: strikeInput.extend({ replacement: readingInput.optional() }),
  events: strikeInput.extend({ replacement: eventInput.optional() }),
  observations: strikeInput.extend({ replacement: observationInput.optional() }),
  notes: strikeInput.extend({ replacement: noteInput.optional() }),
  photos: strikeInput,
};
type Kind = keyof typeof correctionOf;

/** Log what stands in a struck row's place. */
const logReplacement = {
  readings: async (edit: Edit, breakerId: string, input: z.output<typeof readingInput>) =>
    (await logReadings(edit, breakerId, [input], () => 'replacement'))[0]!.id,
  events: async (edit: Edit, breakerId: string, input: z.output<typeof eventInput>) =>
    (await logEvent(edit, breakerId, input)).id,
  observations: async (edit: Edit, breakerId: string, input: z.output<typeof observationInput>) =>
    (await logObservation(edit, breakerId, input)).id,
  notes: async (edit: Edit, breakerId: string, input: z.output<typeof noteInput>) =>
    (await logNote(edit, breakerId, input)).id,
};

async function replace(edit: Edit, kind: Kind, breakerId: string, body: object): Promise<string | null> {
  const replacement = 'replacement' in body ? body.replacement : undefined;
  if (kind === 'photos' || replacement === undefined) return null;
  const log = logReplacement[kind] as (e: Edit, b: string, input: unknown) => Promise<string>;
  return log(edit, breakerId, replacement);
}

export function strikeRoutes({ record }: Context): Route[] {
  return (Object.keys(correctionOf) as Kind[]).map((kind) =>
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
        record.change(async (edit) => {
          const ref = { kind, id: params.id };
          const row = await breakerOfEntry(edit.manager, ref);
          edit.touch(row.panelId);
          if ('replacement' in body && body.replacement?.id === params.id)
            throw invalidField('replacement.id', 'The replacement has an id of its own.');
          const replacedBy = await replace(edit, kind, row.id, body);
          await strike(edit, ref, body.why, replacedBy);
          return {
            label: `Struck an entry of ${atPlace(row)}`,
            result: { ids: replacedBy === null ? [] : [replacedBy] },
          };
        }),
    }),
  );
}
