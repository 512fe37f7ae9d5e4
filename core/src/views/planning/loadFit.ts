import { checkNodes, type AddedLoad, type AddedLoadInput, type BusLeg } from '../../code/addedLoad/index.ts';
import { standardRatingAtLeast } from '../../code/sizing/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import type { SpacePlan } from '../../panel/spacePlan/index.ts';
import { busLegOf, loadPath, type PathNode } from './loadPath.ts';
import { afterSteps } from './room.ts';
import type { Planning } from './schema.ts';
import * as messages from './messages.ts';

/** A load that is wanted in a panel. */
export interface WantedCircuitLoad {
  panelId: string;
  amps: number;
  poles: 1 | 2;
  /** Where it goes, and what moves for it; left out: that is open. */
  plan?: Pick<SpacePlan, 'place' | 'steps'>;
  continuous: boolean;
  breakerAmps: number;
  rules: AddedLoadInput['rules'];
}

/** A way to make a load fit. */
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

/**
 * Whether a new load fits at every node from its breaker to the service, and the ways that would make it fit.
 *
 * @param planning the site
 * @param wanted the load (A), its breaker (A), where it goes, and the rule for continuous load
 * @returns the nodes with counted load, limit and headroom (A), and the ways, the cheapest first
 * @throws ZodError where a figure is impossible
 * @example loadFit(planning, { panelId, amps: 40, poles: 2, continuous: true, breakerAmps: 50, rules: 'split' }).fits
 */
export function loadFit(planning: Planning, wanted: WantedCircuitLoad): LoadFit {
  const after = withPlan(planning, wanted);
  const { nodes, unknown } = loadPath(after, wanted.panelId);
  const space = wanted.plan?.place?.space;
  const leg = wanted.poles === 1 && space !== undefined ? busLegOf(space) : undefined;
  const answer = ask(wanted, nodes, leg);
  const known = new Map(nodes.map((node) => [node.id, node]));
  return {
    ...answer,
    nodes: answer.nodes.map((node) => {
      const { kind, label, basis } = known.get(node.id) ?? BRANCH_SHOWN;
      return { ...node, kind, label, basis };
    }),
    unknown,
    ways: answer.fits ? [] : waysToFit(after, wanted, { nodes, leg, answer }),
  };
}

const BRANCH = 'branch';
const BRANCH_SHOWN = { kind: 'branch', label: messages.newBreaker, basis: '' } as const;
const NOTHING = { a: 0, b: 0 };

/** The site once all that moves for the new circuit has moved. */
function withPlan(planning: Planning, { panelId, plan }: WantedCircuitLoad): Planning {
  if (!plan || plan.steps.length === 0) return planning;
  return {
    ...planning,
    panels: planning.panels.map((one) => {
      if (one.panel.id !== panelId) return one;
      const moved = afterSteps(
        one.breakers.map(({ breaker }) => breaker),
        plan.steps,
      );
      return { ...one, breakers: one.breakers.map((entry, i) => ({ ...entry, breaker: moved[i]! })) };
    }),
  };
}

/** Without a leg a load of one pole goes to the one that carries less. */
function ask(
  { amps, poles, continuous, breakerAmps, rules }: WantedCircuitLoad,
  nodes: readonly PathNode[],
  leg?: BusLeg,
): AddedLoad {
  const [first] = nodes;
  const lighter = first && first.legs.b < first.legs.a ? 'b' : 'a';
  const branch = { id: BRANCH, kind: 'branch', ratingAmps: breakerAmps } as const;
  return checkNodes({
    path: [{ ...branch, legs: NOTHING, continuousAmps: NOTHING }, ...nodes],
    added: { amps, poles, continuous, ...(poles === 1 && { leg: leg ?? lighter }) },
    rules,
  });
}

/** What was asked of a way, and what came of it. */
interface Refused {
  nodes: readonly PathNode[];
  leg: BusLeg | undefined;
  answer: AddedLoad;
}

function waysToFit(
  planning: Planning,
  wanted: WantedCircuitLoad,
  { nodes, leg, answer }: Refused,
): WayToFit[] {
  const ways: WayToFit[] = [];
  const amps = Math.floor(answer.largestAmps);
  if (amps >= LOAD_LIMITS.managedLeastAmps)
    ways.push({ code: 'smaller', amps, text: messages.setItToAtMost(sayQuantity(amps, 'A')) });
  const other = leg && (leg === 'a' ? 'b' : 'a');
  if (other && ask(wanted, nodes, other).fits)
    ways.push({ code: 'other-leg', text: messages.putItOnTheOtherLeg(other.toUpperCase()) });
  // By itself it is within every limit: while it runs, other loads may not.
  const alone = nodes.map((node) => ({ ...node, legs: NOTHING, continuousAmps: NOTHING }));
  if (ask(wanted, alone, leg).fits) ways.push({ code: 'managed', text: messages.haveItManaged });
  for (const panelId of new Set(nodes.map((node) => node.panelId))) {
    if (panelId === wanted.panelId || !ask(wanted, loadPath(planning, panelId).nodes).fits) continue;
    const { name } = planning.panels.find(({ panel }) => panel.id === panelId)!.panel;
    ways.push({ code: 'upstream', panelId, text: messages.putItInPanel(name) });
  }
  const larger = largerWay(wanted, { nodes, leg, answer });
  return larger ? [...ways, larger] : ways;
}

/** Larger parts where the load is over: of the service, or of a feeder with what it feeds. */
function largerWay(wanted: WantedCircuitLoad, { nodes, leg, answer }: Refused): WayToFit | null {
  const over = answer.nodes.filter(({ ok }) => !ok);
  // A load above its own breaker needs another branch, whatever carries it.
  if (over.some(({ id }) => id === BRANCH)) return null;
  const most = Math.max(...over.map(({ after }) => Math.max(after.a, after.b)));
  const share = wanted.rules === 'flat80' ? LOAD_LIMITS.continuousShare : LOAD_LIMITS.fullShare;
  const ratingAmps = standardRatingAtLeast(most / share);
  if (ratingAmps === null) return null;
  const ids = new Set(over.map(({ id }) => id));
  const enlarged = nodes.map((node) =>
    ids.has(node.id) ? { ...node, ratingAmps, ampacity: ratingAmps } : node,
  );
  if (!ask(wanted, enlarged, leg).fits) return null;
  const at = sayQuantity(ratingAmps, 'A');
  const replaced = nodes.filter(({ id, kind }) => ids.has(id) && kind !== 'feeder');
  if (replaced.some(({ panelId }) => panelId === nodes.at(-1)!.panelId))
    return { code: 'service', text: messages.enlargeTheService(at) };
  const text = replaced.length > 0 ? messages.enlargeFeederAndPanel(at) : messages.enlargeTheFeeder(at);
  return { code: 'feeder', text };
}
