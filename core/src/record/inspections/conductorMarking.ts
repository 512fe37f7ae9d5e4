import { z } from 'zod';
import { capital, isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { inspectionKind } from './inspectionKind.ts';

export const INSULATION_COLORS = [
  'black',
  'red',
  'blue',
  'brown',
  'orange',
  'yellow',
  'white',
  'gray',
  'green',
  'bare',
] as const;
export type InsulationColor = (typeof INSULATION_COLORS)[number];

/** Colors that tape or paint may give a hot conductor. */
export const HOT_COLORS = ['black', 'red', 'blue', 'brown', 'orange', 'yellow'] as const;

const conductor = z.strictObject({
  color: z.enum(INSULATION_COLORS, 'Pick the color of the insulation.'),
  remarkedAs: z.enum(HOT_COLORS).nullable().default(null).describe('by tape or paint; null: not re-marked'),
});

const fields = z.strictObject({
  conductors: z
    .array(conductor)
    .min(1, 'Give the color of one conductor at least.')
    .max(4, 'At most four conductors land on one breaker.'),
  tag: z
    .string()
    .trim()
    .max(60, 'A tag may have 60 characters at most.')
    .refine(isPlainText, NOT_PLAIN)
    .default('')
    .describe('number or name on the conductor'),
});
type Found = z.output<typeof fields>;

const sayConductor = ({ color, remarkedAs }: Found['conductors'][number]) =>
  remarkedAs === null ? color : `${color} re-marked ${remarkedAs}`;

const isGround = ({ color }: Found['conductors'][number]) => color === 'green' || color === 'bare';
const readsAsNeutral = ({ color, remarkedAs }: Found['conductors'][number]) =>
  (color === 'white' || color === 'gray') && remarkedAs === null;

/** Which conductor color or marking a circuit has at the breaker. */
export const conductorMarking = inspectionKind({
  name: 'Conductor marking',
  level: 2,
  fields,
  say: ({ conductors, tag }) =>
    `${capital(conductors.map(sayConductor).join(' and '))}${tag === '' ? '' : `, tagged “${tag}”`}`,
  concern: ({ conductors }) => {
    if (conductors.some(isGround)) {
      return {
        text: 'Green and bare belong to ground, never on a breaker. Shut the panel off and find out where that conductor goes.',
        source: CITATIONS.groundColors,
      };
    }
    if (conductors.some(readsAsNeutral)) {
      return {
        text: 'White or gray reads as a neutral. Re-mark it as hot, with the panel dead, or find out whether it is a neutral.',
        source: CITATIONS.hotRemarking,
      };
    }
    return null;
  },
});
