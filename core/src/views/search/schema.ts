import { z } from 'zod';
import { id, instant } from '../../record/entities/index.ts';
import { TIMELINE_KINDS, timelineEntry } from '../timeline/index.ts';

/** A search as it was understood in the browser, whose clock and zone it goes by. */
export const searchQuery = z.object({
  words: z
    .string()
    .max(200)
    .default('')
    .transform((text) => text.toLowerCase().split(/\s+/).filter(Boolean)),
  kinds: z
    .string()
    .default('')
    .transform((text) => text.split(',').filter(Boolean))
    .pipe(z.array(z.enum(TIMELINE_KINDS))),
  from: instant.optional(),
  to: instant.optional(),
});
export type SearchQuery = z.output<typeof searchQuery>;

const place = z.object({
  breakerId: id,
  panelId: id,
  panelName: z.string(),
  label: z.string(),
  place: z.string(),
});

export const searchResult = z.object({
  breakers: z.array(place).describe('breakers that match by name, load or family'),
  entries: z.array(z.object({ where: place, entry: timelineEntry })).describe('newest first'),
  more: z.boolean().describe('true if there are more entries than listed'),
});
export type SearchResult = z.infer<typeof searchResult>;
