import { z } from 'zod';
import { ambientC, isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { boardCorners, emissivity } from '../../physics/thermalPicture/index.ts';
import { LOAD_STATES } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** A temperature picture of a board; its cells lie beside it. */
export const heatPicture = panelEntryKind({
  name: messages.infraredImage,
  fields: z.strictObject({
    camera: z
      .string()
      .trim()
      .max(120, messages.theCameraNameCanHaveAt)
      .refine(isPlainText, NOT_PLAIN)
      .default(''),
    loadState: z.enum(LOAD_STATES).default('unknown'),
    ambientC,
    corners: boardCorners.nullable().default(null).describe('corners of the board in the image, in pixels'),
    emissivity: emissivity
      .nullable()
      .default(null)
      .describe('correction for bare metal; null for the camera’s own values'),
  }),
  attachment: 'heat-matrix',
  refuses: electriciansOnly,
  say: ({ camera }) => camera || messages.temperaturesOfTheBoard,
});

/** An ordinary photo that lies on the board. */
export const boardPhoto = panelEntryKind({
  name: messages.panelPhoto,
  fields: z.strictObject({
    corners: boardCorners.nullable().default(null).describe('corners of the board in the photo, in pixels'),
  }),
  attachment: 'photo',
  refuses: () => null,
  say: () => messages.photoOfTheBoard,
});
