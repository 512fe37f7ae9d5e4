import { z } from 'zod';
import { isTimeZone, NO_TIME_ZONE } from '../../facts/calendar/index.ts';
import { isPlainText, name, NOT_PLAIN, ratingAmps, oneOf } from '../../facts/quantities/index.ts';
import { BREAKER_KINDS, HALVES, ON_DIRECTIONS, ORIENTATIONS } from '../../panel/layout/index.ts';
import { basedOn, id, instant, note } from './common.ts';

export const siteInput = z.strictObject({
  name: name('The site’s name'),
  note: note.default(''),
  zone: z
    .string()
    .max(60)
    .refine(isTimeZone, NO_TIME_ZONE)
    .nullable()
    .default(null)
    .describe('its time zone, such as America/Chicago; null: that of whoever asks'),
});
export type SiteInput = z.input<typeof siteInput>;

export const siteChange = siteInput.extend({ version: basedOn });
export type SiteChange = z.input<typeof siteChange>;

export const site = z.object({
  id,
  name: z.string(),
  note: z.string(),
  zone: z.string().nullable().describe('its time zone; null: that of whoever asks'),
  createdAt: instant,
  demo: z.boolean().describe('made up, to try things on: a simulated stand-in may answer for meters here'),
  version: z.int().describe('grows with every change'),
});
export type Site = z.infer<typeof site>;

export const MOST_SPACES = 84;

const spaceNumber = z
  .int('A space is a whole number.')
  .min(1, 'Spaces are numbered from 1.')
  .max(MOST_SPACES, `A panel has ${MOST_SPACES} spaces at most.`);

/** Spaces, each once, in order. */
const spaceNumbers = z
  .array(spaceNumber)
  .max(MOST_SPACES)
  .transform((spaces) => [...new Set(spaces)].sort((a, b) => a - b));

export const family = z
  .string()
  .trim()
  .max(60, 'A part family may have 60 characters at most.')
  .refine(isPlainText, NOT_PLAIN);

/** What a panel is, field by field, with the bounds of each. */
export const panelFields = {
  name: name('The panel’s name'),
  spaces: z
    .int('The number of spaces must be a whole number.')
    .min(2, 'A panel has 2 to 84 spaces.')
    .max(MOST_SPACES, 'A panel has 2 to 84 spaces.')
    .refine((n) => n % 2 === 0, 'Spaces come in pairs, one on each side: give an even number.'),
  orientation: z.enum(ORIENTATIONS).default('upright').describe('by where its top points'),
  busAmps: ratingAmps.nullable().default(null),
  family: family.default('').describe('the part family the panel is listed for; empty: label not read'),
  alsoListed: z.array(family.min(1)).max(12).default([]).describe('other families its label lists'),
  narrowSpaces: spaceNumbers
    .nullable()
    .default(null)
    .describe('spaces whose label allows narrow breakers; null: label not read'),
  splitAt: spaceNumber
    .nullable()
    .default(null)
    .describe('split bus without a single main: first space of the lower section'),
  feedThrough: z.boolean().default(false).describe('feed-through lugs at the far end of the bus'),
  fedByBreakerId: id.nullable().default(null).describe('a sub-panel: the breaker that feeds it'),
  fedThroughPanelId: id.nullable().default(null).describe('fed from the feed-through lugs of this panel'),
  blanks: spaceNumbers.default([]).describe('unused openings closed with a filler'),
  holes: spaceNumbers.default([]).describe('unused openings left open'),
};

const drawnPanel = z.strictObject({
  ...panelFields,
  mainAmps: ratingAmps
    .nullable()
    .default(null)
    .describe('rating of the main breaker; null: none in this panel'),
});

function checkDrawn(panel: z.output<typeof drawnPanel>, context: z.RefinementCtx) {
  if (panel.splitAt !== null && panel.mainAmps !== null) {
    const message = 'A split bus has no single main: leave the main out.';
    context.addIssue({ code: 'custom', path: ['splitAt'], message });
  }
  checkPanel(panel, context);
}

export const panelInput = drawnPanel.superRefine(checkDrawn);
export type PanelInput = z.input<typeof panelInput>;

export const panelChange = drawnPanel.extend({ version: basedOn }).superRefine(checkDrawn);
export type PanelChange = z.input<typeof panelChange>;

type PanelParts = Pick<Panel, 'spaces' | 'splitAt' | 'narrowSpaces' | 'blanks' | 'holes'>;

/**
 * What the fields of a panel must be together.
 *
 * @param panel its fields
 * @param context where problems are told
 * @example checkPanel({ spaces: 8, busAmps: null, mainAmps: 60, … }, context) // nothing to tell
 */
export function checkPanel(panel: PanelParts, context: z.RefinementCtx) {
  const no = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
  if (panel.splitAt !== null) {
    if (panel.splitAt % 2 === 0 || panel.splitAt < 3 || panel.splitAt >= panel.spaces) {
      no('splitAt', 'The lower section begins with an odd space inside the panel, such as 13.');
    }
  }
  for (const field of ['narrowSpaces', 'blanks', 'holes'] as const) {
    const beyond = panel[field]?.find((space) => space > panel.spaces);
    if (beyond !== undefined) no(field, `This panel has spaces 1 to ${panel.spaces}, no ${beyond}.`);
  }
  const both = panel.holes.find((space) => panel.blanks.includes(space));
  if (both !== undefined) no('holes', `Space ${both} cannot have a filler and be open.`);
}

export const panel = z.object({
  id,
  siteId: id,
  name: z.string(),
  spaces: z.int(),
  orientation: z.enum(ORIENTATIONS),
  busAmps: z.number().nullable(),
  family: z.string(),
  alsoListed: z.array(z.string()),
  narrowSpaces: z.array(z.int()).nullable(),
  splitAt: z.int().nullable(),
  feedThrough: z.boolean(),
  fedByBreakerId: id.nullable(),
  fedThroughPanelId: id.nullable(),
  blanks: z.array(z.int()),
  holes: z.array(z.int()),
  createdAt: instant,
  version: z.int().describe('grows with every change'),
});
export type Panel = z.infer<typeof panel>;
/** What a breaker is as a part. */
export const unitFields = {
  poles: oneOf([1, 2], 'A breaker has one pole or two.'),
  ratingAmps,
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: family.default(''),
  installedOn: z.iso.date('The date must look like 2014-05-20.').nullable().default(null),
};

const asFound = z
  .boolean()
  .default(false)
  .describe('recorded as it was found, though its family is not listed for the panel');

/** Where a breaker sits. */
export const position = {
  space: spaceNumber,
  half: z.enum(HALVES).nullable().default(null).describe('what a narrow breaker takes of its spaces'),
};

export const breakerInput = z.strictObject({
  ...position,
  ...unitFields,
  onDirection: z.enum(ON_DIRECTIONS).optional(),
  asFound,
});
export type BreakerInput = z.input<typeof breakerInput>;

/** Changes to a breaker that stays where it is. */
export const breakerChange = z
  .strictObject({ ...unitFields, half: position.half, onDirection: z.enum(ON_DIRECTIONS) })
  .partial()
  .extend({ asFound, version: basedOn });
export type BreakerChange = z.input<typeof breakerChange>;

/** Another place for a breaker; what sits there changes places with it where both fit. */
export const breakerMove = z.strictObject({
  space: spaceNumber,
  half: z.enum(HALVES).nullable().optional().describe('left out: as it was'),
  exchange: z.boolean().default(false).describe('change places with the breaker that sits there'),
  version: basedOn,
});
export type BreakerMove = z.input<typeof breakerMove>;

/** Handles tied together, or untied. */
export const breakerTie = z.strictObject({
  with: id.nullable().describe('the other breaker; null: untie'),
  version: basedOn,
});
export type BreakerTie = z.input<typeof breakerTie>;

/** A new part in the place of a breaker: circuit and place stay, the old part’s record stays its own. */
export const replacementInput = z.strictObject({
  ratingAmps,
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: family.default(''),
  installedOn: z.iso.date('The date must look like 2014-05-20.').nullable().default(null),
  why: note.default(''),
  asFound,
  version: basedOn,
});
export type ReplacementInput = z.input<typeof replacementInput>;

export const breaker = z.object({
  id,
  panelId: id,
  role: z.enum(['main', 'branch']),
  space: z.int().nullable().describe('null for the main'),
  half: z.enum(HALVES).nullable(),
  poles: oneOf([1, 2]),
  ratingAmps: z.number(),
  kind: z.enum(BREAKER_KINDS),
  family: z.string(),
  onDirection: z.enum(ON_DIRECTIONS),
  installedOn: z.string().nullable(),
  tiedWith: id.nullable().describe('the breaker whose handle is tied to this one’s'),
  replaces: id.nullable().describe('the part that sat here before'),
  why: z.string().describe('why it took the place of the one before'),
  createdAt: instant,
  version: z.int().describe('grows with every change'),
});
export type Breaker = z.infer<typeof breaker>;
