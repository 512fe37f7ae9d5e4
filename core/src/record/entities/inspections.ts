import { z } from 'zod';
import { INSPECTIONS, type InspectionKind } from '../inspections/index.ts';
import { id, instant, note, ownId } from './common.ts';
import { kept, origin, rowFields } from './entryFields.ts';

type Kinds = typeof INSPECTIONS;
export type InspectionName = keyof Kinds;
type Fields<K extends InspectionName> = Kinds[K]['fields'];

const taken = { id: ownId, at: instant, ...origin, note: note.default('') };
const names = Object.keys(INSPECTIONS) as [InspectionName, ...InspectionName[]];

/** What is the same of every kind, beside what was found. */
const unionOf = <Shape extends z.ZodRawShape>(shape: Shape) =>
  z.discriminatedUnion(
    'kind',
    names.map((kind) =>
      z.strictObject({ kind: z.literal(kind), found: INSPECTIONS[kind].fields, ...shape }),
    ) as [InspectionOf<InspectionName, Shape>],
  );
type InspectionOf<K extends InspectionName, Shape extends z.ZodRawShape> = z.ZodObject<
  { kind: z.ZodLiteral<K>; found: Fields<K> } & Shape,
  z.core.$strict
>;

/** What was inspected at a breaker, and what was found. */
export const inspectionInput = unionOf(taken);
export type InspectionInput = z.input<typeof inspectionInput>;

export const inspection = unionOf({ ...kept, caseId: id.nullable(), simulated: z.boolean() });
export type Inspection = z.infer<typeof inspection>;

/** An inspection as a file carries it. */
export const inspectionRow = unionOf({ ...taken, ...rowFields });

/**
 * What an inspection found, in words.
 *
 * @param inspection of any kind
 * @returns its name, what was found, and what about it is not as it should be
 * @example sayInspection(one).found // 'White re-marked black, tagged “12”'
 */
export function sayInspection({ kind, found }: Pick<Inspection, 'kind' | 'found'>) {
  // Which kind it is and what was found of it belong together; the type of a table cannot say so.
  const { name, say, concern } = INSPECTIONS[kind] as unknown as InspectionKind;
  return { name, found: say(found), concern: concern(found) };
}
