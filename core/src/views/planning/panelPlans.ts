import {
  newPanelPlan,
  subpanelPlan,
  type NewPanelPlan,
  type NewPanelPlanInput,
  type SubpanelPlan,
  type SubpanelPlanInput,
} from '../../code/panelPlan/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayPlace, spacesOf } from '../../panel/layout/index.ts';
import { loadAmps, type Circuit } from '../../record/entities/index.ts';
import { feedOf } from './feedOf.ts';
import { loadPath } from './loadPath.ts';
import { whyItStays } from './room.ts';
import type { PlannedPanel, Planning } from './schema.ts';
import * as messages from './messages.ts';

type PlannedBreakerEntry = PlannedPanel['breakers'][number];

/** What is to be fed from a subpanel. */
export interface SubpanelWish {
  amps: number;
  poles: 1 | 2;
  continuous: boolean;
}

/** A subpanel that makes room: where its feeder’s breaker goes, what moves out, and how it is made. */
export interface SubpanelFor {
  /** First of the two spaces of the feeder’s breaker. */
  space: number;
  moved: { breakerId: string; text: string; isKnown: boolean }[];
  plan: SubpanelPlan;
}

const WISH = 'new';
const ampsOf = ({ circuit, measuredAmps }: PlannedBreakerEntry): number | null =>
  measuredAmps ?? (circuit && circuit.loads.length > 0 ? sumOf(circuit) : null);
const sumOf = ({ loads }: Circuit) => loads.reduce((sum, load) => sum + loadAmps(load), 0);
/** Of what nobody measured, a breaker’s continuous share is counted. */
const usualAmps = (entry: PlannedBreakerEntry) =>
  ampsOf(entry) ?? LOAD_LIMITS.continuousShare * entry.breaker.ratingAmps;

/**
 * The subpanel that makes room for a circuit: its feeder takes the pair of spaces that costs the fewest circuits, and those move
 * into the subpanel together with the new one. Two-pole breakers and circuits that share a neutral move only whole; what feeds
 * another panel, is stopped by a hazard or is half a tandem stays.
 *
 * Source: as `subpanelPlan`.
 *
 * @param planned the panel without room
 * @param hands ids of breakers that feed subpanels, and of those that a hazard stops
 * @param wish the new circuit: current (A), poles, whether it runs three hours or more
 * @param feeder length (m), material and place
 * @returns the space of the feeder, the circuits that move, and the subpanel; null: no pair can be freed
 * @example subpanelFor(planned, hands, wish, { lengthM: 2 })?.plan.breakerAmps // 60
 */
export function subpanelFor(
  { panel, breakers }: PlannedPanel,
  { feeders, stopped }: { feeders: ReadonlySet<string>; stopped: ReadonlySet<string> },
  wish: SubpanelWish,
  feeder: Pick<SubpanelPlanInput, 'lengthM' | 'material' | 'place'>,
): SubpanelFor | null {
  const mayLeave = ({ breaker, circuit }: PlannedBreakerEntry) =>
    !stopped.has(breaker.id) &&
    // A two-pole one keeps both legs in a subpanel.
    whyItStays({ ...breaker, poles: 1 }, circuit, feeders.has(breaker.id)) === null;
  const pairs = Array.from({ length: Math.max(0, panel.spaces - 2) }, (_, i) => i + 1)
    // A pair does not straddle the two sections of a split bus.
    .filter((space) => panel.splitAt === null || space + 2 < panel.splitAt || space >= panel.splitAt)
    .flatMap((space) => {
      const there = breakers.filter(({ breaker }) =>
        spacesOf(breaker).some((one) => one === space || one === space + 2),
      );
      return there.every(mayLeave) ? [{ space, there }] : [];
    })
    .sort((x, y) => x.there.length - y.there.length || x.space - y.space);
  const [best] = pairs;
  if (!best) return null;
  const { space, there } = best;
  const plan = subpanelPlan({
    ...feeder,
    circuits: [
      { ...wish, id: WISH },
      ...there.map((entry) => ({
        ...{ id: entry.breaker.id, amps: usualAmps(entry), poles: entry.breaker.poles },
        continuous: entry.circuit?.loads.some(({ continuous }) => continuous) ?? false,
      })),
    ],
  });
  return {
    ...{ space, plan },
    moved: there.map((entry) => ({
      breakerId: entry.breaker.id,
      text: messages.movesToTheSubpanel(
        sayPlace(entry.breaker),
        entry.circuit?.label ?? messages.unnamedCircuit,
      ),
      isKnown: ampsOf(entry) !== null,
    })),
  };
}

/**
 * Whether a panel is fed from another.
 *
 * @param planned the panel
 * @returns false for a service panel
 * @example isSubpanel({ panel: { ...panel, fedByBreakerId: 'b1' } }) // true
 */
export const isSubpanel = ({ panel }: Pick<PlannedPanel, 'panel'>): boolean =>
  panel.fedByBreakerId !== null || panel.fedThroughPanelId !== null;

/** A new panel for this one, and what its size comes from. */
export interface NewPanelFor {
  plan: NewPanelPlan;
  demandAmps: number;
  /** Where the load comes from, in words. */
  basis: string;
  spacesInUse: number;
  /** Circuits of which neither a reading nor a load is on record: the load is at least what is told. */
  unknown: string[];
}

/**
 * A new panel in place of one: for its load by the service sheet, a recording or its circuits, and for every pole that is there or
 * planned, tandems on whole spaces.
 *
 * Source: as `newPanelPlan`.
 *
 * @param planning the site
 * @param planned the panel that is replaced
 * @param asked place, material, first day, and days that permit and utility take
 * @returns the plan, and load (A) and spaces it is made for
 * @throws ZodError where the day or a number of days is impossible
 * @example newPanelFor(planning, planned, { place: 'indoor', startsOn: '2026-12-02' }).plan.mainAmps // 100
 */
export function newPanelFor(
  planning: Planning,
  planned: PlannedPanel,
  asked: Omit<NewPanelPlanInput, 'demandAmps' | 'spacesInUse' | 'leastMainAmps' | 'feederAmps'>,
): NewPanelFor {
  const { nodes, unknown } = loadPath(planning, planned.panel.id);
  const own = nodes.filter(({ panelId }) => panelId === planned.panel.id);
  const node = own.find(({ kind }) => kind === 'service') ?? own.at(-1);
  const demandAmps = node ? Math.max(node.legs.a, node.legs.b) : 0;
  const poles = (list: readonly { poles: number }[]) => list.reduce((sum, one) => sum + one.poles, 0);
  const spacesInUse = Math.max(
    1,
    poles(planned.breakers.filter(({ breaker }) => breaker.role === 'branch').map(({ breaker }) => breaker)) +
      poles(planned.proposals.map(({ content }) => content)),
  );
  return {
    ...{ demandAmps, spacesInUse, unknown },
    basis: node?.basis ?? messages.powerUnknown,
    plan: newPanelPlan({
      ...asked,
      demandAmps,
      feederAmps: isSubpanel(planned) ? (feedOf(planning, planned)?.ratingAmps ?? 0) : null,
      // No smaller than the main that is there: nobody asked for less.
      leastMainAmps: planned.breakers.find(({ breaker }) => breaker.role === 'main')?.breaker.ratingAmps ?? 0,
      spacesInUse: Math.min(84, spacesInUse),
    }),
  };
}
