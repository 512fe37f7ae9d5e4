import type { PanelSignId } from '../../facts/vocabulary/index.ts';
import type { PanelEntry } from './panelEntry.ts';

/**
 * The findings of a panel as a whole that stand: said to be there, and not said to be gone since.
 *
 * @param entries of the panel, newest first, without void ones
 * @returns each finding once
 * @example standingSigns([]) // []
 */
export function standingSigns(entries: readonly PanelEntry[]): PanelSignId[] {
  const latest = new Map<PanelSignId, boolean>();
  for (const entry of entries)
    if (entry.kind === 'sign' && !latest.has(entry.content.sign))
      latest.set(entry.content.sign, entry.content.found);
  return [...latest].flatMap(([sign, isFound]) => (isFound ? [sign] : []));
}
