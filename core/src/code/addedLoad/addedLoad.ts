import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { atLeast } from '../../facts/quantities/index.ts';
import { DWELLING_LOAD } from '../../facts/standards/index.ts';
import {
  addedLoadInput,
  BUS_LEGS,
  type AddedLoad,
  type AddedLoadInput,
  type AddedLoadQuestion,
  type BusLeg,
  type LoadNode,
} from './schema.ts';

const CONTINUOUS_TIMES = DWELLING_LOAD.continuousPercent / 100;

type Rules = AddedLoadQuestion['rules'];

/** How often a continuous ampere counts. */
const timesContinuous = (rules: Rules) => (rules === 'split' ? CONTINUOUS_TIMES : 1);

const countedBefore = ({ legs, continuousAmps }: LoadNode, leg: BusLeg, rules: Rules): number =>
  legs[leg] + (timesContinuous(rules) - 1) * continuousAmps[leg];

const limitOf = ({ ratingAmps, ampacity = Infinity }: LoadNode, rules: Rules): number =>
  Math.min(ratingAmps, ampacity, rules === 'flat80' ? LOAD_LIMITS.continuousShare * ratingAmps : Infinity);

/** The legs that the new load flows in. */
function legsOf({ path, added }: AddedLoadQuestion): readonly BusLeg[] {
  if (added.poles === 2) return BUS_LEGS;
  const [{ legs }] = path as [LoadNode];
  return [added.leg ?? (legs.b < legs.a ? 'b' : 'a')];
}

/**
 * Whether a new load fits at every node of its way: branch, feeder, bus, main and service, each leg by itself. Continuous
 * load counts 125% (`split`), or no load may take more than 80% of a rating (`flat80`).
 *
 * Source: NEC 2023, 210.20(A), 215.3 and 230.42, 125% of continuous load.
 *
 * @param input the nodes from the load up to the service with their ratings, ampacities and present load (A); the new load (A)
 * @returns counted amperes of each leg before and after, limit and headroom of each node, the first node over its limit,
 *   and the largest load of this kind that fits everywhere (A)
 * @throws ZodError where a figure is impossible
 * @example
 * addedLoad({ path: [{ id: 'main', kind: 'main', ratingAmps: 100, legs: { a: 70, b: 60 } }],
 *   added: { amps: 32, poles: 2, continuous: true }, rules: 'split' }).largestAmps // 24: 70 A and 125% of 24 A
 */
export const addedLoad = (input: AddedLoadInput): AddedLoad => checkNodes(addedLoadInput.parse(input));

/**
 * The same for a way of any length, whose figures have been checked: panels behind panels have more nodes than a question.
 *
 * @param question as `addedLoad` reads it, A
 * @returns as `addedLoad`
 * @example checkNodes(addedLoadInput.parse(input)).fits // addedLoad(input).fits
 */
export function checkNodes(question: AddedLoadQuestion): AddedLoad {
  const { path, added, rules } = question;
  const flowsIn = legsOf(question);
  const times = added.continuous ? timesContinuous(rules) : 1;
  const nodes = path.map((node) => {
    const limitAmps = limitOf(node, rules);
    const before = { a: countedBefore(node, 'a', rules), b: countedBefore(node, 'b', rules) };
    const after = { ...before };
    for (const leg of flowsIn) after[leg] += times * added.amps;
    const most = Math.max(after.a, after.b);
    const room = flowsIn.map((leg) => (limitAmps - before[leg]) / times);
    return {
      shown: {
        id: node.id,
        before,
        after,
        limitAmps,
        headroomAmps: limitAmps - most,
        ok: atLeast(limitAmps, most),
      },
      // A leg that is over its limit already leaves room for nothing, wherever the load flows.
      largest: BUS_LEGS.every((leg) => atLeast(limitAmps, before[leg])) ? Math.min(...room) : 0,
    };
  });
  const first = nodes.find(({ shown }) => !shown.ok)?.shown.id ?? null;
  return {
    fits: first === null,
    nodes: nodes.map(({ shown }) => shown),
    first,
    largestAmps: Math.max(0, Math.min(...nodes.map(({ largest }) => largest))),
  };
}
