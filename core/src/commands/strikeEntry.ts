import type { z } from 'zod';
import {
  eventInput,
  noteInput,
  observationInput,
  readingInput,
  strikeInput,
} from '../record/entities/index.ts';
import { command } from './command.ts';
import { withStruck } from './inCase.ts';
import { byId } from './shapes.ts';

const striking = <K extends string, Body extends z.ZodType>(kind: K, body: Body) =>
  command({
    id: `strike-${kind}`,
    method: 'post',
    path: `/${kind}/:id/strike`,
    tag: 'log',
    summary: `Strike one of the ${kind}: it stays on record, no longer counts, and may be replaced`,
    params: byId,
    body,
    label: (_body, where) => `Struck an entry of ${where}`,
    apply: (record, params, body) => withStruck(record, params.id, (body as { why: string }).why),
  });

/** Take back an entry of each kind, with what stands in its place. */
export const strikeEntry = {
  readings: striking('readings', strikeInput.extend({ replacement: readingInput.optional() })),
  events: striking('events', strikeInput.extend({ replacement: eventInput.optional() })),
  observations: striking('observations', strikeInput.extend({ replacement: observationInput.optional() })),
  notes: striking('notes', strikeInput.extend({ replacement: noteInput.optional() })),
  photos: striking('photos', strikeInput),
};
