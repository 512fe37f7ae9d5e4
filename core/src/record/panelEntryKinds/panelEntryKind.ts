import type { z } from 'zod';
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
}

/**
 * Declare a kind of entry of a panel; its functions see what its fields leave.
 *
 * @param kind all that is known of it
 * @returns the same, with its types
 * @example panelEntryKind({ name: 'Logger recording', fields, attachment: 'recording', refuses: () => null })
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
