import { z } from 'zod';
import { PANEL_SIGN_IDS, panelSign, PANEL_SIGN_WORDS } from '../../facts/vocabulary/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';

/** Something heard, seen or tried of the panel as a whole. */
export const panelSignEntry = panelEntryKind({
  name: 'Look at the panel',
  fields: z.strictObject({
    sign: z.enum(PANEL_SIGN_IDS, 'Pick what was found.'),
    found: z.boolean().default(true).describe('false: looked at, and it is not so any more'),
  }),
  attachment: null,
  refuses: (profile, { sign }) => (panelSign(sign).coverClosed ? null : electriciansOnly(profile)),
  say: ({ sign, found }) =>
    found ? PANEL_SIGN_WORDS[sign].words : `Not so any more: ${PANEL_SIGN_WORDS[sign].words}`,
});
