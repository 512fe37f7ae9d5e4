import { addedLoad, type AddedLoad, type AddedLoadInput, type BusLeg } from '../../code/addedLoad/index.ts';
import { standardRatingAtLeast } from '../../code/sizing/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { loadPath, type PathNode } from './loadPath.ts';
import type { Planning } from './schema.ts';
import * as messages from './messages.ts';

/** A load that is wanted in a panel. */
export interface WantedCircuitLoad {
  panelId: string;
  amps: number;
  poles: 1 | 2;
  /** Its leg; missing with two poles, or where the place is open. */
  leg?: BusLeg;
  continuous: boolean;
  breakerAmps: number;
  rules: AddedLoadInput['rules'];
}

/** A way to make a load fit, the cheapest first. Each was worked out, and fits. */
export interface WayToFit {
  code: 'smaller' | 'other-leg' | 'managed' | 'upstream' | 'feeder' | 'service';
  text: string;
  /** With `smaller`: the largest load, A. */
  amps?: number;
  /** With `upstream`: the panel to put it in. */
  panelId?: string;
}

/** Whether a load fits everywhere on its way, node by node, and what would make it fit. */
export interface LoadFit extends Omit<AddedLoad, 'nodes'> {
  nodes: (AddedLoad['nodes'][number] & Pick<PathNode, 'label' | 'kind' | 'basis'>)[];
  /** Circuits of which neither a reading nor a load is on record. */
  unknown: string[];
  ways: WayToFit[];
}

const BRANCH = 'branch';

/**
 * Whether a new load fits at every node from its breaker to the service, and the ways that would make it fit.
 *
 * @param planning the site, with the panel as it would be
 * @param wanted the load (A), its breaker (A), where it goes, and the rule for continuous load
 * @returns the nodes with counted load, limit and headroom (A), and the ways, the cheapest first
 * @throws ZodError where a figure is impossible
 * @example loadFit(planning, { panelId, amps: 40, poles: 2, continuous: true, breakerAmps: 50, rules: 'split' }).fits
 */
export function loadFit(planning: Planning, wanted: WantedCircuitLoad): LoadFit {
  const { nodes, unknown } = loadPath(planning, wanted.panelId);
  const answer = ask(wanted, nodes);
  const known = new Map(nodes.map((node) => [node.id, node]));
  return {
    ...answer,
    nodes: answer.nodes.map((node) => ({
      ...node,
      kind: known.get(node.id)?.kind ?? 'branch',
      label: known.get(node.id)?.label ?? messages.newBreaker,
      basis: known.get(node.id)?.basis ?? '',
    })),
    unknown,
    ways: answer.fits ? [] : waysToFit(planning, wanted, nodes, answer),
  };
}

function ask(
  { amps, poles, leg, continuous, breakerAmps, rules }: WantedCircuitLoad,
  nodes: readonly PathNode[],
): AddedLoad {
  const none = { a: 0, b: 0 };
  const branch = { id: BRANCH, kind: 'branch' as const, ratingAmps: breakerAmps, legs: none };
  // A way of more nodes than the question takes has panels behind panels: the nearest and the last ones count most.
  const path = [branch, ...nodes].filter((_node, i, all) => i < 4 || i >= all.length - 4);
  const first = nodes[0];
  // Where the place is open the load goes to the leg that carries less.
  const open = first && first.legs.b < first.legs.a ? 'b' : 'a';
  return addedLoad({
    path,
    added: { amps, poles, continuous, ...(poles === 1 && { leg: leg ?? open }) },
    rules,
  });
}

function waysToFit(
  planning: Planning,
  wanted: WantedCircuitLoad,
  nodes: readonly PathNode[],
  answer: AddedLoad,
): WayToFit[] {
  const ways: WayToFit[] = [];
  const amps = Math.floor(answer.largestAmps);
  if (amps >= LOAD_LIMITS.managedLeastAmps)
    ways.push({ code: 'smaller', amps, text: messages.setItToAtMost(sayQuantity(amps, 'A')) });
  if (wanted.poles === 1 && wanted.leg) {
    const leg = wanted.leg === 'a' ? 'b' : 'a';
    if (ask({ ...wanted, leg }, nodes).fits)
      ways.push({ code: 'other-leg', text: messages.putItOnTheOtherLeg(leg.toUpperCase()) });
  }
  // By itself it is within every limit: while it runs, other loads may not.
  const alone = ask(
    wanted,
    nodes.map((node) => ({ ...node, legs: NOTHING, continuousAmps: NOTHING })),
  );
  if (alone.fits) ways.push({ code: 'managed', text: messages.haveItManaged });
  for (const panelId of new Set(nodes.map((node) => node.panelId))) {
    if (panelId === wanted.panelId) continue;
    const { nodes: from } = loadPath(planning, panelId);
    if (!ask({ ...wanted, leg: undefined }, from).fits) continue;
    const { name } = planning.panels.find(({ panel }) => panel.id === panelId)!.panel;
    ways.push({ code: 'upstream', panelId, text: messages.putItInPanel(name) });
  }
  ways.push(...largerWay(wanted, nodes, answer));
  return ways;
}

const NOTHING = { a: 0, b: 0 };

/** Larger parts where the load is over: of the feeder and the panel it feeds, or of the service. */
function largerWay(wanted: WantedCircuitLoad, nodes: readonly PathNode[], answer: AddedLoad): WayToFit[] {
  const over = answer.nodes.filter(({ ok }) => !ok);
  // A load above its own breaker needs another branch, whatever carries it.
  if (over.some(({ id }) => id === BRANCH)) return [];
  const most = Math.max(...over.map(({ after }) => Math.max(after.a, after.b)));
  const counted = wanted.rules === 'flat80' ? most / LOAD_LIMITS.continuousShare : most;
  const ratingAmps = standardRatingAtLeast(counted);
  if (ratingAmps === null) return [];
  const ids = new Set(over.map(({ id }) => id));
  const enlarged = nodes.map((node) =>
    ids.has(node.id) ? { ...node, ratingAmps, ampacity: ratingAmps } : node,
  );
  if (!ask(wanted, enlarged).fits) return [];
  const topId = nodes.at(-1)!.panelId;
  const isService = nodes.some(
    (node) => ids.has(node.id) && node.panelId === topId && node.kind !== 'feeder',
  );
  const at = sayQuantity(ratingAmps, 'A');
  return [
    isService
      ? { code: 'service', text: messages.enlargeTheService(at) }
      : { code: 'feeder', text: messages.enlargeTheFeeder(at) },
  ];
}
