import type { z } from 'zod';
import type { Sentence } from '../../facts/quantities/index.ts';
import { BEHIND_THE_COVER, type Profile } from '../../facts/vocabulary/index.ts';

/** What lies beside an entry, as bytes of its own kind. */
export const ATTACHMENT_KINDS = ['recording', 'heat-matrix', 'photo'] as const;
export type AttachmentKind = (typeof ATTACHMENT_KINDS)[number];

/** One kind of thing that is logged of a panel as a whole: all that is known of the kind. */
export interface PanelEntryKind<Fields extends z.ZodObject = z.ZodObject> {
  /** What it is, as a heading. */
  name: string;
  /** What is told of it. */
  fields: Fields;
  /** What lies beside it; `null`: nothing. */
  attachment: AttachmentKind | null;
  /** Why this person may not log it; `null`: they may. */
  refuses: (profile: Profile, content: z.output<Fields>) => string | null;
  /** What such an entry tells, in a few words. */
  say: (content: z.output<Fields>) => Sentence;
  /** The breakers it names, each with the field it stands in; left out: it is of the panel as a whole. */
  breakers?: (content: z.output<Fields>) => NamedBreaker[];
}

/** A breaker that an entry names, and in which of its fields. */
export interface NamedBreaker {
  path: (string | number)[];
  breakerId: string;
}

/**
 * The breakers of a list of ids.
 *
 * @param path of the list in the entry
 * @param breakerIds ids; `null` where none is meant
 * @returns each with the field it stands in
 * @example namedInList(['content', 'breakerIds'], [id]) // [{ path: ['content', 'breakerIds', 0], breakerId: id }]
 */
export const namedInList = (
  path: (string | number)[],
  breakerIds: readonly (string | null)[],
): NamedBreaker[] =>
  breakerIds.flatMap((breakerId, i) => (breakerId === null ? [] : [{ path: [...path, i], breakerId }]));

/**
 * The breakers of a list of things, each with a field of its own for it.
 *
 * @param list name of the list in the content
 * @param things its items
 * @returns each breaker with the field it stands in
 * @example namedInEach('tasks', [{ breakerId: id }]) // [{ path: ['content', 'tasks', 0, 'breakerId'], breakerId: id }]
 */
export const namedInEach = (list: string, things: readonly { breakerId: string | null }[]): NamedBreaker[] =>
  things.flatMap(({ breakerId }, i) =>
    breakerId === null ? [] : [{ path: ['content', list, i, 'breakerId'], breakerId }],
  );

/**
 * Declare a kind of entry of a panel; its functions see what its fields leave.
 *
 * @param kind all that is known of it
 * @returns the same, with its types
 * @example panelEntryKind({ name: 'Logger recording', fields, attachment: 'recording', refuses: () => null, say })
 */
export const panelEntryKind = <Fields extends z.ZodObject>(
  kind: PanelEntryKind<Fields>,
): PanelEntryKind<Fields> => kind;

/**
 * Why a homeowner may not, where it lies behind the cover.
 *
 * @param profile who
 * @returns a sentence; null: they may
 * @example electriciansOnly('electrician') // null
 */
export const electriciansOnly = (profile: Profile): string | null =>
  profile === 'homeowner' ? BEHIND_THE_COVER : null;
