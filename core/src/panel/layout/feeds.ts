import * as messages from './messages.ts';

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
    return no(messages.aPanelIsFedByA);
  }
  const others = panels.filter(({ id }) => id !== wanted.id);
  const rival = others.find(
    (panel) =>
      (fedByBreakerId !== null && panel.fedByBreakerId === fedByBreakerId) ||
      (fedThroughPanelId !== null && panel.fedThroughPanelId === fedThroughPanelId),
  );
  if (rival) return no(messages.itAlreadyFeeds(rival.name));
  if (fedByBreakerId !== null) {
    const feeder = feeders.find(({ id }) => id === fedByBreakerId);
    if (!feeder) return no(messages.thisBreakerIsNotAtThis);
    if (feeder.panelId === wanted.id) return no(messages.aPanelCannotBeFedBy);
    if (feeder.poles !== 2) return no(messages.aOnePoleBreakerSuppliesOnly);
  } else {
    const lugs = others.find(({ id }) => id === fedThroughPanelId);
    if (!lugs) return no(messages.thisPanelIsNotAtThis);
    if (!lugs.feedThrough) return no(messages.hasNoFeedThroughLugsOn(lugs.name));
  }
  const known = [...others, wanted];
  let up = upstreamOf(wanted, feeders);
  for (let steps = 0; up !== null && steps <= known.length; steps++) {
    if (up === wanted.id) return no(messages.theFeedWouldLeadBackTo);
    const next = known.find(({ id }) => id === up);
    up = next ? upstreamOf(next, feeders) : null;
  }
  return null;
}
