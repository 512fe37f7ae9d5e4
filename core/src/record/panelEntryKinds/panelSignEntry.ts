import { z } from 'zod';
import { PANEL_SIGN_IDS, panelSign, PANEL_SIGN_WORDS } from '../../facts/vocabulary/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** Something heard, seen or tried of the panel as a whole. */
export const panelSignEntry = panelEntryKind({
  name: messages.panelInspection,
  fields: z.strictObject({
    sign: z.enum(PANEL_SIGN_IDS, 'Choose what was found.'),
    found: z.boolean().default(true).describe('false if it was checked and no longer applies'),
  }),
  attachment: null,
  refuses: (profile, { sign }) => (panelSign(sign).coverClosed ? null : electriciansOnly(profile)),
  say: ({ sign, found }) =>
    found ? PANEL_SIGN_WORDS[sign].words : messages.noLongerPresent(PANEL_SIGN_WORDS[sign].words),
});
