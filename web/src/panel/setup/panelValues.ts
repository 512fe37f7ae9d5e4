import type { Board } from '@phylaxon/core/views/board';
import { ORIENTATIONS, parseSpaceList, saySpaceList } from '@phylaxon/core/panel/layout';
import { name } from '@phylaxon/core/facts/quantities';
import { panelInput, type PanelChange, type PanelInput } from '@phylaxon/core/record/entities';
import { z } from 'zod';
import * as messages from './messages.ts';

/** How power comes into a panel: through a main, through lugs or a feeder, or through several handles. */
export const ENTRIES = ['main', 'lugs', 'split'] as const;

const spaceList = z
  .string()
  .refine((text) => parseSpaceList(text) !== null, messages.enterSpacesAsNumbersAndRanges);

const siteName = name(messages.theSiteName);

/** The panel form. Lists of spaces are written as people write them. */
export const panelForm = z
  .object({
    /** For a panel at a site that is not on record yet; else null. */
    siteName: z.string().nullable(),
    name: name(messages.panelName),
    spaces: z.int(messages.enterAWholeNumber),
    orientation: z.enum(ORIENTATIONS),
    entry: z.enum(ENTRIES),
    mainAmps: z.string(),
    splitAt: z.int(messages.enterTheFirstSpaceOfThe).nullable(),
    busAmps: z.string(),
    family: z.string().trim().max(60, messages.enterAtMost60Characters),
    alsoListed: z.string(),
    narrow: z.enum(['unknown', 'none', 'all', 'some']),
    narrowSpaces: spaceList,
    feedThrough: z.boolean(),
    /** '' for the service, else `breaker:<id>` or `lugs:<id>`. */
    fedFrom: z.string(),
    blanks: spaceList,
    holes: spaceList,
  })
  .superRefine((values, context) => {
    if (values.siteName !== null) {
      for (const { message } of siteName.safeParse(values.siteName).error?.issues ?? []) {
        context.addIssue({ code: 'custom', path: ['siteName'], message });
      }
    }
    if (values.entry === 'split' && values.splitAt === null) {
      context.addIssue({
        code: 'custom',
        path: ['splitAt'],
        message: messages.enterWhereTheLowerSection,
      });
    }
    const parsed = panelInput.safeParse(panelFromForm(values));
    for (const { path, message } of parsed.error?.issues ?? []) {
      const field = path[0] === 'narrowSpaces' ? 'narrowSpaces' : String(path[0]);
      context.addIssue({ code: 'custom', path: [field], message });
    }
  });
export type PanelValues = z.output<typeof panelForm>;

const amps = (text: string) => (text === '' ? null : Number(text));
const everySpace = (spaces: number) =>
  Array.from({ length: Math.max(0, Math.min(spaces, 84)) }, (_, i) => i + 1);

/** The form as the record takes it. */
export function panelFromForm(values: PanelValues): PanelInput {
  const [by = '', id = ''] = values.fedFrom.split(':');
  return {
    name: values.name,
    spaces: values.spaces,
    orientation: values.orientation,
    mainAmps: values.entry === 'main' ? amps(values.mainAmps) : null,
    splitAt: values.entry === 'split' ? values.splitAt : null,
    busAmps: amps(values.busAmps),
    family: values.family,
    alsoListed: values.alsoListed
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
    narrowSpaces: {
      unknown: null,
      none: [],
      all: everySpace(values.spaces),
      some: parseSpaceList(values.narrowSpaces) ?? [],
    }[values.narrow],
    feedThrough: values.feedThrough,
    fedByBreakerId: by === 'breaker' ? id : null,
    fedThroughPanelId: by === 'lugs' ? id : null,
    blanks: parseSpaceList(values.blanks) ?? [],
    holes: parseSpaceList(values.holes) ?? [],
  };
}

/** What the form starts with: the panel as it is, or what is usual; with a site to be named where there is none. */
export function panelFormValues(board?: Board, asksSite = false): PanelValues {
  const panel = board?.panel;
  const main = board?.breakers.find(({ breaker }) => breaker.role === 'main')?.breaker;
  const { narrowSpaces = null } = panel ?? {};
  const narrow =
    narrowSpaces === null
      ? 'unknown'
      : narrowSpaces.length === 0
        ? 'none'
        : narrowSpaces.length === panel!.spaces
          ? 'all'
          : 'some';
  return {
    siteName: asksSite ? '' : null,
    name: panel?.name ?? messages.mainPanel,
    spaces: panel?.spaces ?? 24,
    orientation: panel?.orientation ?? 'upright',
    entry: !panel || main ? 'main' : panel.splitAt !== null ? 'split' : 'lugs',
    mainAmps: String(main?.ratingAmps ?? 100),
    splitAt: panel?.splitAt ?? null,
    busAmps: panel?.busAmps ? String(panel.busAmps) : '',
    family: panel?.family ?? '',
    alsoListed: panel?.alsoListed.join(', ') ?? '',
    narrow,
    narrowSpaces: narrow === 'some' ? saySpaceList(narrowSpaces!) : '',
    feedThrough: panel?.feedThrough ?? false,
    fedFrom: panel?.fedByBreakerId
      ? `breaker:${panel.fedByBreakerId}`
      : panel?.fedThroughPanelId
        ? `lugs:${panel.fedThroughPanelId}`
        : '',
    blanks: saySpaceList(panel?.blanks ?? []),
    holes: saySpaceList(panel?.holes ?? []),
  };
}

/** A panel as it is, to be stored with something changed. */
export const panelChangeOf = (board: Board, change: Partial<PanelInput>): PanelChange => ({
  ...panelFromForm(panelFormValues(board)),
  ...change,
  version: board.panel.version,
});
