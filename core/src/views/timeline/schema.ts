import { z } from 'zod';
import { verdict } from '../board/index.ts';
import {
  breaker,
  event,
  id,
  inspection,
  instant,
  observation,
  photo,
  reading,
  writtenNote,
} from '../../record/entities/index.ts';

/** What a breaker’s timeline can be narrowed to. */
export const TIMELINE_KINDS = [
  'readings',
  'trips',
  'resets',
  'looks',
  'inspections',
  'decisions',
  'parts',
  'notes',
  'photos',
] as const;
export type TimelineKind = (typeof TIMELINE_KINDS)[number];

/** A part coming into the panel or leaving it. */
const part = z.object({
  breaker,
  what: z.enum(['fitted', 'taken-out']),
  inPlaceOf: breaker.nullable().describe('breaker that was there before'),
});

const entry = { id, at: instant, breakerId: id };

/** One line of a breaker’s timeline, newest first. `breakerId` may be that of a part that sat there before. */
export const timelineEntry = z.discriminatedUnion('kind', [
  z.object({ ...entry, kind: z.literal('readings'), reading }),
  z.object({ ...entry, kind: z.literal('trips'), event, verdict: z.string().nullable() }),
  z.object({ ...entry, kind: z.literal('resets'), event, verdict: z.string().nullable() }),
  z.object({ ...entry, kind: z.literal('looks'), observation }),
  z.object({ ...entry, kind: z.literal('inspections'), inspection }),
  z.object({ ...entry, kind: z.literal('decisions'), verdict, stands: z.boolean() }),
  z.object({ ...entry, kind: z.literal('parts'), part }),
  z.object({ ...entry, kind: z.literal('notes'), note: writtenNote }),
  z.object({ ...entry, kind: z.literal('photos'), photo }),
]);
export type TimelineEntry = z.infer<typeof timelineEntry>;

/** Which part of a timeline is asked for. */
export const timelineQuery = z.object({
  kinds: z
    .string()
    .optional()
    .transform((text) => (text ? text.split(',') : [...TIMELINE_KINDS]))
    .pipe(z.array(z.enum(TIMELINE_KINDS))),
  from: instant.optional(),
  to: instant.optional(),
  text: z.string().trim().max(200).default(''),
  before: z.string().max(100).optional().describe('end of the previous page'),
  limit: z.coerce.number().int().min(1).max(200).default(50),
});
export type TimelineQuery = z.output<typeof timelineQuery>;

export const timeline = z.object({
  entries: z.array(timelineEntry),
  next: z.string().nullable().describe('pass before=… to get older entries'),
  counts: z.record(z.enum(TIMELINE_KINDS), z.int()).describe('number of each type, regardless of the filter'),
});
export type Timeline = z.infer<typeof timeline>;

/** A measured point over time; dense logs are thinned to the span of each stretch. */
const stretch = z.object({ at: instant, low: z.number(), high: z.number(), count: z.int() });
const line = z.object({ point: reading.shape.point, unit: reading.shape.unit, stretches: z.array(stretch) });
export type SeriesLine = z.infer<typeof line>;

/** What a breaker’s chart draws. */
export const series = z.object({
  lines: z.array(line),
  struck: z.array(
    z.object({ point: reading.shape.point, unit: reading.shape.unit, at: instant, value: z.number() }),
  ),
  marks: z.array(z.object({ at: instant, what: z.enum(['trip', 'reset', 'part']) })),
});
export type Series = z.infer<typeof series>;
