import type { Board } from '@phylaxon/core/views/board';
import { disconnectsOf, type Orientation } from '@phylaxon/core/panel/layout';
import * as messages from './messages.ts';

const HANGS: Record<Orientation, string | null> = {
  upright: null,
  inverted: messages.mountedUpsideDown,
  left: messages.onItsSideTopToThe,
  right: messages.onItsSideTopToTheRight,
};

/** What shuts a panel off. */
function entryText({ panel, breakers }: Board): string {
  const main = breakers.find(({ breaker }) => breaker.role === 'main');
  if (main) return messages.mainA(main.breaker.ratingAmps);
  if (panel.splitAt === null) return messages.noMainInThisPanel;
  const handles = disconnectsOf(
    panel,
    breakers.map(({ breaker }) => breaker),
  ).length;
  return messages.splitBusItOff(handles, handles === 1 ? messages.handleShuts : messages.handlesShut);
}

/** A panel in a line. */
export function panelText(board: Board): string {
  const { panel } = board;
  return [
    messages.spaces(panel.spaces),
    entryText(board),
    panel.busAmps !== null && messages.busA(panel.busAmps),
    panel.family,
    HANGS[panel.orientation],
  ]
    .filter(Boolean)
    .join(' · ');
}
