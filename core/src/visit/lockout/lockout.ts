import {
  panelsAheadOf,
  panelsFedFrom,
  type Fed,
  type FeedNetwork,
  type FeederBreaker,
} from '../../panel/layout/index.ts';

/** Panels and breakers of a site as far as a lockout concerns them. */
export interface SiteNetwork extends FeedNetwork {
  panels: readonly Fed[];
  breakers: readonly (Pick<FeederBreaker, 'id' | 'panelId'> & { role: 'main' | 'branch' })[];
}

/** The panel whose handle de-energizes a panel: its own main, its feeder, or the main that its feed-through hangs on. */
function shutdownPanel({ panels, breakers }: SiteNetwork, panelId: string): string {
  const panel = panels.find(({ id }) => id === panelId);
  const hasMain = breakers.some((one) => one.panelId === panelId && one.role === 'main');
  if (hasMain || !panel || panel.fedByBreakerId !== null) return panelId;
  return panel.fedThroughPanelId ?? panelId;
}

/**
 * Panels that a visit claims: everything that its shutdown de-energizes, and everything fed from there.
 *
 * @param network panels and breakers of the site
 * @param panelId the panel that the visit is to
 * @returns ids of panels
 * @example claimedPanels({ panels: [{ id: 'a', fedByBreakerId: null, fedThroughPanelId: null }], breakers: [] }, 'a') // ['a']
 */
export const claimedPanels = (network: SiteNetwork, panelId: string): string[] =>
  panelsFedFrom(network, shutdownPanel(network, panelId));

/**
 * Breakers that a lockout keeps off while work is open in a panel: every main and feeder between the service and the panel.
 *
 * @param network panels and breakers of the site
 * @param panelId the panel that is worked on
 * @returns ids of breakers
 * @example lockedBreakers({ panels: [{ id: 'a', fedByBreakerId: null, fedThroughPanelId: null }], breakers: [{ id: 'm', panelId: 'a', role: 'main' }] }, 'a') // ['m']
 */
export function lockedBreakers(network: SiteNetwork, panelId: string): string[] {
  const path = [panelId, ...panelsAheadOf(network, panelId)];
  const feeders = network.panels.flatMap(({ id, fedByBreakerId }) =>
    path.includes(id) && fedByBreakerId !== null ? [fedByBreakerId] : [],
  );
  const mains = network.breakers
    .filter((one) => one.role === 'main' && path.includes(one.panelId))
    .map(({ id }) => id);
  return [...mains, ...feeders];
}
