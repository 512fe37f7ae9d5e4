import { z } from 'zod';
import { capital, isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { inspectionKind } from './inspectionKind.ts';
import * as messages from './messages.ts';

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
  color: z.enum(INSULATION_COLORS, 'Choose the insulation color.'),
  remarkedAs: z
    .enum(HOT_COLORS)
    .nullable()
    .default(null)
    .describe('with tape or paint; null if not reidentified'),
});

const fields = z.strictObject({
  conductors: z
    .array(conductor)
    .min(1, messages.enterTheColorOfAtLeast)
    .max(4, messages.atMostFourConductorsCanBe),
  tag: z
    .string()
    .trim()
    .max(60, messages.aTagCanHaveAtMost)
    .refine(isPlainText, NOT_PLAIN)
    .default('')
    .describe('number or name on the conductor'),
});
type Found = z.output<typeof fields>;

const sayConductor = ({ color, remarkedAs }: Found['conductors'][number]) =>
  remarkedAs === null ? color : messages.reMarked(color, remarkedAs);

const isGround = ({ color }: Found['conductors'][number]) => color === 'green' || color === 'bare';
const readsAsNeutral = ({ color, remarkedAs }: Found['conductors'][number]) =>
  (color === 'white' || color === 'gray') && remarkedAs === null;

/** Which conductor color or marking a circuit has at the breaker. */
export const conductorMarking = inspectionKind({
  name: messages.conductorMarking,
  level: 2,
  fields,
  say: ({ conductors, tag }) =>
    `${capital(conductors.map(sayConductor).join(' and '))}${tag === '' ? '' : messages.tagged(tag)}`,
  concern: ({ conductors }) => {
    if (conductors.some(isGround)) {
      return {
        text: messages.greenAndBareConductorsAre,
        source: CITATIONS.groundColors,
      };
    }
    if (conductors.some(readsAsNeutral)) {
      return {
        text: messages.whiteOrGrayMarksANeutral,
        source: CITATIONS.hotRemarking,
      };
    }
    return null;
  },
});
