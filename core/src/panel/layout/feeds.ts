/** What a panel hangs on: a breaker of another panel, its feed-through lugs, or the service. */
export interface Fed {
  id: string;
  fedByBreakerId: string | null;
  fedThroughPanelId: string | null;
}

/** A breaker that could feed a panel. */
export interface FeederBreaker {
  id: string;
  panelId: string;
  poles: number;
}

/** The panel a panel hangs on, or `null` at the service. */
function upstreamOf(panel: Fed, feeders: FeedNetwork['breakers']): string | null {
  if (panel.fedThroughPanelId !== null) return panel.fedThroughPanelId;
  return feeders.find(({ id }) => id === panel.fedByBreakerId)?.panelId ?? null;
}

/** Panels of a site and the breakers that could feed them, as far as feeding goes. */
export interface FeedNetwork {
  panels: readonly Fed[];
  breakers: readonly Pick<FeederBreaker, 'id' | 'panelId'>[];
}

/**
 * Panels that a panel feeds, directly or through others.
 *
 * @param network panels and breakers of the site
 * @param panelId the panel
 * @returns ids, the panel itself first
 * @example panelsFedFrom({ panels: [{ id: 'a', fedByBreakerId: null, fedThroughPanelId: null }], breakers: [] }, 'a') // ['a']
 */
export function panelsFedFrom(network: FeedNetwork, panelId: string): string[] {
  const found = [panelId];
  for (const at of found) {
    const fed = network.panels.filter((panel) => upstreamOf(panel, network.breakers) === at);
    found.push(...fed.map(({ id }) => id).filter((id) => !found.includes(id)));
  }
  return found;
}

/**
 * Panels that a panel hangs on, directly or through others.
 *
 * @param network panels and breakers of the site
 * @param panelId the panel
 * @returns ids, the nearest first; without the panel itself
 * @example panelsAheadOf({ panels: [{ id: 'a', fedByBreakerId: null, fedThroughPanelId: null }], breakers: [] }, 'a') // []
 */
export function panelsAheadOf(network: FeedNetwork, panelId: string): string[] {
  const found: string[] = [];
  const next = (id: string) => {
    const panel = network.panels.find((one) => one.id === id);
    return panel ? upstreamOf(panel, network.breakers) : null;
  };
  for (let up = next(panelId); up !== null && !found.includes(up); up = next(up)) found.push(up);
  return found;
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
  feeders: readonly FeederBreaker[],
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
    if (feeder.panelId === wanted.id) return no('A panel cannot be fed by a breaker in the same panel.');
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
