import { z } from 'zod';
import { attachmentAbout } from './about.ts';
import { panelEntry } from './panelEntry.ts';

/** An entry of a panel as it is shown: with what is told of its attachment. */
export const shownPanelEntry = z.object({ entry: panelEntry, about: attachmentAbout.nullable() });
export type ShownPanelEntry = z.infer<typeof shownPanelEntry>;

/** What is logged of a panel as a whole, newest first. */
export const panelLog = z.object({ entries: z.array(shownPanelEntry) });
export type PanelLog = z.infer<typeof panelLog>;
