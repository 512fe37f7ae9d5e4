/** What a panel hangs on: a breaker of another panel, its feed-through lugs, or the service. */
export interface Fed {
  id: string;
  fedByBreakerId: string | null;
  fedThroughPanelId: string | null;
}

/** A breaker that could feed a panel. */
export interface Feeder {
  id: string;
  panelId: string;
  poles: number;
}

/** The panel a panel hangs on, or `null` at the service. */
function upstreamOf(panel: Fed, feeders: readonly Feeder[]): string | null {
  if (panel.fedThroughPanelId !== null) return panel.fedThroughPanelId;
  return feeders.find(({ id }) => id === panel.fedByBreakerId)?.panelId ?? null;
}

/**
 * Why a panel cannot be fed as wanted, or `null` if it can: the feed must come from another panel of the
 * site, on both legs, feed nothing else, and never come back to where it started.
 *
 * @param wanted the panel with the feed it is to have
 * @param panels the site's panels, with those that have feed-through lugs marked
 * @param feeders the site's breakers
 * @returns the field it is told at, and a sentence
 * @example feedProblem({ id, fedByBreakerId: null, fedThroughPanelId: null, … }, [], []) // null
 */
export function feedProblem(
  wanted: Fed,
  panels: readonly (Fed & { name: string; feedThrough: boolean })[],
  feeders: readonly Feeder[],
): { field: 'fedByBreakerId' | 'fedThroughPanelId'; message: string } | null {
  const { fedByBreakerId, fedThroughPanelId } = wanted;
  if (fedByBreakerId === null && fedThroughPanelId === null) return null;
  const field = fedByBreakerId !== null ? 'fedByBreakerId' : 'fedThroughPanelId';
  const no = (message: string) => ({ field, message }) as const;
  if (fedByBreakerId !== null && fedThroughPanelId !== null) {
    return no('A panel is fed by a breaker or by feed-through lugs, not by both.');
  }
  const others = panels.filter(({ id }) => id !== wanted.id);
  const rival = others.find(
    (panel) =>
      (fedByBreakerId !== null && panel.fedByBreakerId === fedByBreakerId) ||
      (fedThroughPanelId !== null && panel.fedThroughPanelId === fedThroughPanelId),
  );
  if (rival) return no(`That feeds ${rival.name} already.`);
  if (fedByBreakerId !== null) {
    const feeder = feeders.find(({ id }) => id === fedByBreakerId);
    if (!feeder) return no('This breaker is not at this site.');
    if (feeder.panelId === wanted.id) return no('A panel cannot be fed by a breaker of its own.');
    if (feeder.poles !== 2) return no('A one-pole breaker gives one leg only: a sub-panel needs both.');
  } else {
    const lugs = others.find(({ id }) => id === fedThroughPanelId);
    if (!lugs) return no('This panel is not at this site.');
    if (!lugs.feedThrough) return no(`${lugs.name} has no feed-through lugs on record.`);
  }
  const known = [...others, wanted];
  let up = upstreamOf(wanted, feeders);
  for (let steps = 0; up !== null && steps <= known.length; steps++) {
    if (up === wanted.id) return no('The feed would come back to this panel itself.');
    const next = known.find(({ id }) => id === up);
    up = next ? upstreamOf(next, feeders) : null;
  }
  return null;
}
