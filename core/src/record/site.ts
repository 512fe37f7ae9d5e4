import { z } from 'zod';
import { name, ratingAmps } from '../quantities/index.ts';
import { HALVES, ON_DIRECTIONS, ORIENTATIONS } from '../panel/index.ts';
import { id, instant, note } from './common.ts';

export const siteInput = z.strictObject({ name: name('The site’s name'), note: note.default('') });
export type SiteInput = z.input<typeof siteInput>;

export const site = z.object({ id, name: z.string(), note: z.string(), createdAt: instant });
export type Site = z.infer<typeof site>;

export const panelInput = z.strictObject({
  name: name('The panel’s name'),
  spaces: z
    .int('The number of spaces must be a whole number.')
    .min(2, 'A panel has 2 to 84 spaces.')
    .max(84, 'A panel has 2 to 84 spaces.')
    .refine((n) => n % 2 === 0, 'Spaces come in pairs, one on each side: give an even number.'),
  orientation: z.enum(ORIENTATIONS).default('upright'),
  mainAmps: ratingAmps
    .nullable()
    .default(null)
    .describe('rating of the main breaker; null: none in this panel'),
  busAmps: ratingAmps.nullable().default(null),
  family: z.string().trim().max(60).default('').describe('the part family the panel is listed for'),
});
export type PanelInput = z.input<typeof panelInput>;

export const panel = z.object({
  id,
  siteId: id,
  name: z.string(),
  spaces: z.int(),
  orientation: z.enum(ORIENTATIONS),
  busAmps: z.number().nullable(),
  family: z.string(),
  createdAt: instant,
});
export type Panel = z.infer<typeof panel>;

/** Kinds of breaker by what makes them open: heat and magnet alone, or electronics as well. */
export const BREAKER_KINDS = ['standard', 'gfci', 'afci', 'dual'] as const;
export type BreakerKind = (typeof BREAKER_KINDS)[number];

const breakerFields = {
  poles: z.literal([1, 2], 'A breaker has one pole or two.'),
  ratingAmps,
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: z.string().trim().max(60).default(''),
  installedOn: z.iso.date('The date must look like 2014-05-20.').nullable().default(null),
};

const position = {
  space: z.int('The space must be a whole number.').min(1, 'Spaces are numbered from 1.'),
  half: z.enum(HALVES).nullable().default(null).describe('the half of the space a narrow unit takes'),
};

export const breakerInput = z.strictObject({
  ...position,
  ...breakerFields,
  onDirection: z.enum(ON_DIRECTIONS).optional(),
});
export type BreakerInput = z.input<typeof breakerInput>;

/** Changes to a breaker that stays where it is. */
export const breakerChange = z
  .strictObject({ ...breakerFields, onDirection: z.enum(ON_DIRECTIONS) })
  .partial();
export type BreakerChange = z.input<typeof breakerChange>;

export const breaker = z.object({
  id,
  panelId: id,
  role: z.enum(['main', 'branch']),
  space: z.int().nullable().describe('null for the main'),
  half: z.enum(HALVES).nullable(),
  poles: z.literal([1, 2]),
  ratingAmps: z.number(),
  kind: z.enum(BREAKER_KINDS),
  family: z.string(),
  onDirection: z.enum(ON_DIRECTIONS),
  installedOn: z.string().nullable(),
  createdAt: instant,
});
export type Breaker = z.infer<typeof breaker>;
