import { panelsFedFrom, sayBreaker, sayPlace } from '../../panel/layout/index.ts';
import { claimedPanels, type SiteNetwork } from '../../visit/lockout/index.ts';
import { SOURCE_KINDS, type SourceKind } from '../../visit/work/index.ts';
import type { PlannedPanel, Planning } from '../planning/index.ts';
import * as messages from './messages.ts';

/** What makes a panel dead, what goes dark with it, and what else might feed it. */
export interface Shutdown {
  /** What makes it dead, within a sentence: “its main”. */
  off: string;
  /** Why the utility has to pull the meter; `null`: it does not. */
  meterPulled: string | null;
  /** Circuits that go dark, by panel. */
  dark: { panel: string; circuits: string[] }[];
  /** Other sources that the record speaks of. */
  sources: SourceKind[];
}

/** Words of a circuit that may feed in from the load side. */
const SOURCE_WORDS: readonly [RegExp, SourceKind][] = [
  [/\b(solar|photovoltaic|pv|inverter)\b/i, 'solar'],
  [/\bbatter(y|ies)\b/i, 'battery'],
  [/\b(generator|inlet|interlock|standby|transfer|back-?up)\b/i, 'generator'],
  [/\b(vehicle|car|ev)\b/i, 'vehicle'],
];

const feederOf = (planning: Planning, { panel }: PlannedPanel) =>
  planning.panels
    .flatMap(({ panel: of, breakers }) => breakers.map((one) => ({ of, ...one })))
    .find(({ breaker }) => breaker.id === panel.fedByBreakerId) ?? null;

/** The panels and breakers of a site, as far as its feeds go. */
const networkOf = ({ panels }: Planning): SiteNetwork => ({
  panels: panels.map(({ panel }) => panel),
  breakers: panels.flatMap(({ panel, breakers }) =>
    breakers.map(({ breaker: { id, role } }) => ({ id, role, panelId: panel.id })),
  ),
});

/**
 * A panel’s shutdown.
 *
 * @param planning the site with its panels
 * @param planned the panel
 * @returns what makes it dead, what goes dark, what else might feed it
 * @example shutdownOf(planning, planned).off // 'its main'
 */
export function shutdownOf(planning: Planning, planned: PlannedPanel): Shutdown {
  const { panel, breakers } = planned;
  const main = breakers.find(({ breaker }) => breaker.role === 'main');
  const feeder = feederOf(planning, planned);
  const through = planning.panels.find((one) => one.panel.id === panel.fedThroughPanelId);
  // What feeds it through its lugs has no switch of its own for them: all of it goes dark.
  const claimed = claimedPanels(networkOf(planning), panel.id);
  const dark = claimed.flatMap((id) => planning.panels.find((one) => one.panel.id === id) ?? []);
  const off = (): Pick<Shutdown, 'off' | 'meterPulled'> => {
    if (main) return { off: messages.itsMainBreaker, meterPulled: null };
    if (feeder)
      return {
        off: messages.theBreakerThatFeedsItIn(sayBreaker(feeder.breaker, null), feeder.of.name),
        meterPulled: null,
      };
    if (through) return { off: messages.theMainOfWhichFeedsIt(through.panel.name), meterPulled: null };
    return {
      off: messages.theMeterPulledByTheUtility,
      meterPulled: panel.splitAt === null ? messages.noMainIsOnRecordFor : messages.thisPanelHasASplitBus,
    };
  };
  const labels = dark.flatMap((one) => one.breakers.map(({ circuit }) => circuit?.label ?? ''));
  const named = new Set(
    SOURCE_WORDS.flatMap(([words, kind]) => (labels.some((label) => words.test(label)) ? [kind] : [])),
  );
  const recorded = new Set(dark.flatMap((one) => one.sources?.content.sources.map(({ kind }) => kind) ?? []));
  return {
    ...off(),
    dark: dark.map((one) => ({
      panel: one.panel.name,
      circuits: one.breakers
        .filter(({ breaker }) => breaker.role === 'branch')
        .map(({ breaker, circuit }) => circuit?.label ?? messages.spaceOfBreaker(sayPlace(breaker))),
    })),
    sources: SOURCE_KINDS.filter((kind) => recorded.has(kind) || named.has(kind)),
  };
}

/**
 * Panels that a shutdown de-energizes besides the panel it is made for: work in them may share it.
 *
 * @param planning the site with its panels
 * @param planned the panel
 * @returns the panels it feeds
 * @example subPanelsOf(planning, planned).map(({ panel }) => panel.name) // ['Yard panel']
 */
export function subPanelsOf(planning: Planning, { panel }: Pick<PlannedPanel, 'panel'>): PlannedPanel[] {
  const fed = panelsFedFrom(networkOf(planning), panel.id);
  return planning.panels.filter((one) => one.panel.id !== panel.id && fed.includes(one.panel.id));
}

/**
 * Panels in the order in which they are visited: what is fed before what feeds it, so that least is dark while it lasts.
 *
 * @param planning the site
 * @returns its panels, sub-panels first
 * @example visitOrder(planning)[0].panel.name // 'Flat'
 */
export function visitOrder(planning: Planning): PlannedPanel[] {
  const network = networkOf(planning);
  const reach = ({ panel }: PlannedPanel) => panelsFedFrom(network, panel.id).length;
  return [...planning.panels].sort((a, b) => reach(a) - reach(b));
}
