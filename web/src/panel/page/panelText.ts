import type { Board } from '@phylaxon/core/views/board';
import { disconnectsOf, type Orientation } from '@phylaxon/core/panel/layout';

const HANGS: Record<Orientation, string | null> = {
  upright: null,
  inverted: 'mounted upside down',
  left: 'lies on its side, top to the left',
  right: 'lies on its side, top to the right',
};

/** What shuts a panel off. */
function entryText({ panel, breakers }: Board): string {
  const main = breakers.find(({ breaker }) => breaker.role === 'main');
  if (main) return `main ${main.breaker.ratingAmps} A`;
  if (panel.splitAt === null) return 'no main here';
  const handles = disconnectsOf(
    panel,
    breakers.map(({ breaker }) => breaker),
  ).length;
  return `split bus, ${handles} ${handles === 1 ? 'handle shuts' : 'handles shut'} it off`;
}

/** A panel in a line. */
export function panelText(board: Board): string {
  const { panel } = board;
  return [
    `${panel.spaces} spaces`,
    entryText(board),
    panel.busAmps !== null && `bus ${panel.busAmps} A`,
    panel.family,
    HANGS[panel.orientation],
  ]
    .filter(Boolean)
    .join(' · ');
}
