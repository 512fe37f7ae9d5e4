import type { z } from 'zod';
import type { Sentence } from '../../facts/quantities/index.ts';

/** One kind of thing that is inspected at a breaker and logged: all that is known of the kind. */
export interface InspectionKind<Fields extends z.ZodObject = z.ZodObject> {
  /** What was inspected, as a heading. */
  name: string;
  /** Who may: 0 and 1 with the cover closed, 2 behind it. */
  level: 0 | 1 | 2;
  /** What is found. */
  fields: Fields;
  /** What was found, in a few words. */
  say: (found: z.output<Fields>) => Sentence;
  /** What about it is not as it should be; `null`: nothing. */
  concern: (found: z.output<Fields>) => { text: Sentence; source: string } | null;
}

/**
 * Declare a kind of inspection; its functions see what its fields leave.
 *
 * @param kind all that is known of it
 * @returns the same, with its types
 * @example inspectionKind({ name: 'Conductor marking', level: 2, fields, say, concern })
 */
export const inspectionKind = <Fields extends z.ZodObject>(
  kind: InspectionKind<Fields>,
): InspectionKind<Fields> => kind;
