import { z } from 'zod';
import { isTimeZone, NO_TIME_ZONE } from '../../facts/calendar/index.ts';
import { isPlainText, name, NOT_PLAIN, ratingAmps, oneOf } from '../../facts/quantities/index.ts';
import { BREAKER_KINDS, HALVES, ON_DIRECTIONS, ORIENTATIONS } from '../../panel/layout/index.ts';
import { basedOn, id, instant, note } from './common.ts';
import * as messages from './messages.ts';

export const siteInput = z.strictObject({
  name: name(messages.theSiteName),
  note: note.default(''),
  zone: z
    .string()
    .max(60)
    .refine(isTimeZone, NO_TIME_ZONE)
    .nullable()
    .default(null)
    .describe('time zone of the site, such as America/Chicago; null for the reader’s own'),
});
export type SiteInput = z.input<typeof siteInput>;

export const siteChange = siteInput.extend({ version: basedOn });
export type SiteChange = z.input<typeof siteChange>;

export const site = z.object({
  id,
  name: z.string(),
  note: z.string(),
  zone: z.string().nullable().describe('time zone of the site; null for the reader’s own'),
  createdAt: instant,
  demo: z.boolean().describe('true for a demo site, where simulated answers may replace meters'),
  version: z.int().describe('increases with every change'),
});
export type Site = z.infer<typeof site>;

export const MOST_SPACES = 84;

const spaceNumber = z
  .int(messages.theSpaceMustBeAWhole)
  .min(1, messages.spacesAreNumberedFrom1)
  .max(MOST_SPACES, messages.aPanelHasAtMostSpaces(MOST_SPACES));

/** Spaces, each once, in order. */
const spaceNumbers = z
  .array(spaceNumber)
  .max(MOST_SPACES)
  .transform((spaces) => [...new Set(spaces)].sort((a, b) => a - b));

export const family = z
  .string()
  .trim()
  .max(60, messages.aBreakerFamilyCanHaveAt)
  .refine(isPlainText, NOT_PLAIN);

/** What a panel is, field by field, with the bounds of each. */
export const panelFields = {
  name: name(messages.panelName),
  spaces: z
    .int(messages.theNumberOfSpacesMustBe)
    .min(2, messages.aPanelHas2To84)
    .max(MOST_SPACES, messages.aPanelHas2To84)
    .refine((n) => n % 2 === 0, messages.spacesComeInPairsOneOn),
  orientation: z.enum(ORIENTATIONS).default('upright').describe('direction of its top'),
  busAmps: ratingAmps.nullable().default(null),
  family: family
    .default('')
    .describe('breaker family the panel is listed for; empty if the label was not read'),
  alsoListed: z.array(family.min(1)).max(12).default([]).describe('other families listed on the label'),
  narrowSpaces: spaceNumbers
    .nullable()
    .default(null)
    .describe('spaces where the label allows tandem breakers; null if the label was not read'),
  splitAt: spaceNumber
    .nullable()
    .default(null)
    .describe('split bus without a single main: first space of the lower section'),
  feedThrough: z.boolean().default(false).describe('feed-through lugs at the far end of the bus'),
  fedByBreakerId: id.nullable().default(null).describe('for a subpanel: the breaker that feeds it'),
  fedThroughPanelId: id.nullable().default(null).describe('fed from the feed-through lugs of this panel'),
  blanks: spaceNumbers.default([]).describe('unused openings closed with a filler plate'),
  holes: spaceNumbers.default([]).describe('unused openings left open'),
};

const drawnPanel = z.strictObject({
  ...panelFields,
  mainAmps: ratingAmps
    .nullable()
    .default(null)
    .describe('rating of the main breaker; null if there is none in this panel'),
});

function checkDrawn(panel: z.output<typeof drawnPanel>, context: z.RefinementCtx) {
  if (panel.splitAt !== null && panel.mainAmps !== null) {
    const message = messages.aSplitBusHasNoSingle;
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
      no('splitAt', messages.theLowerSectionStartsAtAn);
    }
  }
  for (const field of ['narrowSpaces', 'blanks', 'holes'] as const) {
    const beyond = panel[field]?.find((space) => space > panel.spaces);
    if (beyond !== undefined) no(field, messages.thisPanelHasSpaces1To(panel.spaces, beyond));
  }
  const both = panel.holes.find((space) => panel.blanks.includes(space));
  if (both !== undefined) no('holes', messages.spaceCannotBeOpenAndHave(both));
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
  version: z.int().describe('increases with every change'),
});
export type Panel = z.infer<typeof panel>;
/** What a breaker is as a part. */
export const unitFields = {
  poles: oneOf([1, 2], messages.aBreakerHasOneOrTwo),
  ratingAmps,
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: family.default(''),
  installedOn: z.iso.date(messages.theDateMustLookLike2014).nullable().default(null),
};

const asFound = z
  .boolean()
  .default(false)
  .describe('true if recorded as found, although its family is not listed for the panel');

/** Where a breaker sits. */
export const position = {
  space: spaceNumber,
  half: z.enum(HALVES).nullable().default(null).describe('part of the space that a tandem half takes'),
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
  half: z.enum(HALVES).nullable().optional().describe('left out: unchanged'),
  exchange: z.boolean().default(false).describe('swap with the breaker in that space'),
  version: basedOn,
});
export type BreakerMove = z.input<typeof breakerMove>;

/** Handles tied together, or untied. */
export const breakerTie = z.strictObject({
  with: id.nullable().describe('the other breaker; null to remove the handle tie'),
  version: basedOn,
});
export type BreakerTie = z.input<typeof breakerTie>;

/** A new part in the place of a breaker: circuit and place stay, the old part’s record stays its own. */
export const replacementInput = z.strictObject({
  ratingAmps,
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: family.default(''),
  installedOn: z.iso.date(messages.theDateMustLookLike2014).nullable().default(null),
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
  tiedWith: id.nullable().describe('breaker whose handle is tied to this one'),
  replaces: id.nullable().describe('breaker that was in this space before'),
  why: z.string().describe('reason it replaced the previous breaker'),
  createdAt: instant,
  version: z.int().describe('increases with every change'),
});
export type Breaker = z.infer<typeof breaker>;
