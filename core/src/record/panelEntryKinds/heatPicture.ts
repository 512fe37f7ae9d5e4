import { z } from 'zod';
import { ambientC, isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { boardCorners, emissivity } from '../../physics/thermalPicture/index.ts';
import { LOAD_STATES } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';

/** A temperature picture of a board; its cells lie beside it. */
export const heatPicture = panelEntryKind({
  name: 'Infrared image',
  fields: z.strictObject({
    camera: z
      .string()
      .trim()
      .max(120, 'The camera’s name may have 120 characters at most.')
      .refine(isPlainText, NOT_PLAIN)
      .default(''),
    loadState: z.enum(LOAD_STATES).default('unknown'),
    ambientC,
    corners: boardCorners.nullable().default(null).describe('of the board in the picture, in cells'),
    emissivity: emissivity
      .nullable()
      .default(null)
      .describe('to read bare metal truly; null: as the camera shows'),
  }),
  attachment: 'heat-matrix',
  refuses: electriciansOnly,
  say: ({ camera }) => camera || 'Temperatures of the board',
});

/** An ordinary photo that lies on the board. */
export const boardPhoto = panelEntryKind({
  name: 'Photo on the board',
  fields: z.strictObject({
    corners: boardCorners.nullable().default(null).describe('of the board in the picture, in pixels'),
  }),
  attachment: 'photo',
  refuses: () => null,
  say: () => 'A photo of the board',
});
