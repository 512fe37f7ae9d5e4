import { z } from 'zod';
import type { Sentence } from '../../facts/quantities/index.ts';
import type { Profile } from '../../facts/vocabulary/index.ts';
import { id, instant, note, ownId, who } from '../entities/index.ts';
import { PANEL_ENTRIES, type NamedBreaker, type PanelEntryKind } from '../panelEntryKinds/index.ts';
import * as messages from './messages.ts';

type Kinds = typeof PANEL_ENTRIES;
export type PanelEntryName = keyof Kinds;
export const PANEL_ENTRY_NAMES = Object.keys(PANEL_ENTRIES) as [PanelEntryName, ...PanelEntryName[]];

export const sha256 = z.string().regex(/^[0-9a-f]{64}$/, 'An attachment is identified by its SHA-256.');

type EntryOf<K extends PanelEntryName, Shape extends z.ZodRawShape> = z.ZodObject<
  { kind: z.ZodLiteral<K>; content: Kinds[K]['fields'] } & Shape,
  z.core.$strict
>;

/** One shape for each kind, told apart by its name. */
type EachOf<K, Shape extends z.ZodRawShape> = K extends PanelEntryName ? EntryOf<K, Shape> : never;

const sha256Of = (entry: object) => (entry as { sha256?: string | null }).sha256 ?? null;

/** What is the same of every kind, beside what it tells. */
const unionOf = <Shape extends z.ZodRawShape>(shape: Shape) =>
  z.discriminatedUnion(
    'kind',
    PANEL_ENTRY_NAMES.map((kind) =>
      z
        .strictObject({ kind: z.literal(kind), content: PANEL_ENTRIES[kind].fields, ...shape })
        .refine((entry) => (PANEL_ENTRIES[kind].attachment === null) === (sha256Of(entry) === null), {
          path: ['sha256'],
          message:
            PANEL_ENTRIES[kind].attachment === null
              ? messages.thisTypeOfEntryHasNo
              : messages.nameTheAttachmentUploadItFirst,
        }),
    ) as unknown as [EachOf<PanelEntryName, Shape>],
  );

const taken = {
  at: instant,
  note: note.default(''),
  simulated: z
    .boolean()
    .default(false)
    .describe('true if it comes from a simulation, not from a meter or a person'),
  sha256: sha256.nullable().default(null).describe('summary of the attachment'),
};

/** What is logged of a panel as a whole. */
export const panelEntryInput = unionOf({ id: ownId, ...taken });
export type PanelEntryInput = z.input<typeof panelEntryInput>;

const bytes = z.int().min(0).max(100_000_000).nullable().describe('summary of the attachment');

/** As it is shown. */
export const panelEntry = unionOf({
  id,
  panelId: id,
  at: instant,
  loggedAt: instant,
  who,
  note: z.string(),
  simulated: z.boolean(),
  sha256: sha256.nullable(),
  bytes,
  struck: z.object({ at: instant, why: z.string(), replacedBy: id.nullable() }).nullable(),
});
export type PanelEntry = z.infer<typeof panelEntry>;
export type PanelEntryOf<K extends PanelEntryName> = Extract<PanelEntry, { kind: K }>;

/** As a file carries it. */
export const panelEntryRow = unionOf({ id, panelId: id, loggedAt: instant, who, ...taken, bytes });

const kindOf = (kind: PanelEntryName) => PANEL_ENTRIES[kind] as unknown as PanelEntryKind;

/**
 * Why this person may not log it.
 *
 * @param profile who
 * @param entry what
 * @returns why; `null`: they may
 * @example mayLogOfPanel('homeowner', { kind: 'sign', content: { sign: 'damp', found: true } }) // null
 */
export const mayLogOfPanel = (
  profile: Profile,
  { kind, content }: Pick<PanelEntry, 'kind' | 'content'>,
): string | null => kindOf(kind).refuses(profile, content);

/**
 * What an entry of a panel tells, in a few words.
 *
 * @param entry of any kind
 * @returns a few words
 * @example sayPanelEntry({ kind: 'sign', content: { sign: 'damp', found: true } }) // 'Damp location'
 */
export const sayPanelEntry = ({ kind, content }: Pick<PanelEntry, 'kind' | 'content'>): Sentence =>
  kindOf(kind).say(content);

/**
 * The breakers that an entry of a panel names: they are of that panel, in it or taken out since.
 *
 * @param entry of any kind
 * @returns each with the field it stands in; none: the entry is of the panel as a whole
 * @example namedBreakers({ kind: 'keeps-power', content: { breakerIds: [id] } }) // [{ path: ['content', 'breakerIds', 0], breakerId: id }]
 */
export const namedBreakers = ({ kind, content }: Pick<PanelEntry, 'kind' | 'content'>): NamedBreaker[] =>
  kindOf(kind).breakers?.(content) ?? [];
