import { z } from 'zod';
import { curvePoints } from '../../physics/trip/index.ts';
import { basedOn, id } from './common.ts';
import { family } from './site.ts';
import * as messages from './messages.ts';

/** The trip curve of a part family as its maker prints it, for all of its ratings. */
export const curveFields = {
  family: family.min(1, messages.enterTheBreakerFamily),
  points: curvePoints,
};

export const curveInput = z.strictObject({ ...curveFields, version: basedOn.optional() });
export type CurveInput = z.input<typeof curveInput>;

/** A curve as a file carries it. */
export const curveRow = z.strictObject({ id, ...curveFields, version: z.int().min(0) });

export const curve = z.object({
  id,
  siteId: id,
  family: z.string(),
  points: curvePoints,
  version: z.int(),
});
export type Curve = z.infer<typeof curve>;
