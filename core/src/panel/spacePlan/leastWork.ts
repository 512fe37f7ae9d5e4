import type { Half } from '../layout/index.ts';
import type { Cell, Content } from './section.ts';

const MOVE = 1;
/** To exchange a breaker for a narrow unit, or for a part of a quad. */
export const NARROW = 2;

/**
 * Spaces that are alike: only how many of them there are counts for what can be done, not which they are. The spaces that
 * are to be cleared each are a kind of their own.
 */
interface Kind {
  listed: boolean;
  content: Content;
  /** Which of the spaces to be cleared it is; `null`: any other. */
  target: number | null;
}

/** A step between kinds of spaces: what sits in one of `from` goes to one of `to` (the same: it shrinks where it is). */
interface KindStep {
  from: number;
  to: number;
  as: 'move' | 'narrow';
}

const CONTENTS: readonly Content[] = ['free', 'moves', 'narrows', 'both', 'half', 'stays'];
const CAN_MOVE: ReadonlySet<Content> = new Set<Content>(['moves', 'both']);
const CAN_NARROW: ReadonlySet<Content> = new Set<Content>(['narrows', 'both']);

const PER_PLACE = 2 * CONTENTS.length;
/** The number of a kind: place (others, then each target), listed, content. */
const kindNumber = ({ listed, content, target }: Kind): number =>
  (target === null ? 0 : target + 1) * PER_PLACE + (listed ? CONTENTS.length : 0) + CONTENTS.indexOf(content);

const kindOf = (number: number): Kind => ({
  target: number < PER_PLACE ? null : Math.floor(number / PER_PLACE) - 1,
  listed: number % PER_PLACE >= CONTENTS.length,
  content: CONTENTS[number % CONTENTS.length]!,
});

const withContent = (number: number, content: Content): number => kindNumber({ ...kindOf(number), content });

/** What a space becomes when a narrow unit comes to it; `null`: none may. */
const afterNarrow = (content: Content): Content | null =>
  content === 'free' ? 'half' : content === 'half' ? 'stays' : null;

/** All steps that are possible with so many spaces of each kind. */
function stepsFrom(counts: readonly number[]): { step: KindStep; cost: number; next: number[] }[] {
  const found: { step: KindStep; cost: number; next: number[] }[] = [];
  const here = counts.flatMap((count, number) => (count > 0 ? [number] : []));
  const change = (changes: readonly [from: number, to: number][]) => {
    const next = [...counts];
    for (const [from, to] of changes) {
      next[from] = next[from]! - 1;
      next[to] = next[to]! + 1;
    }
    return next;
  };
  for (const from of here) {
    const { content, listed } = kindOf(from);
    const left = withContent(from, 'free');
    if (CAN_NARROW.has(content) && listed)
      found.push({
        step: { from, to: from, as: 'narrow' },
        cost: NARROW,
        next: change([[from, withContent(from, 'half')]]),
      });
    if (!CAN_MOVE.has(content)) continue;
    for (const to of here) {
      const other = kindOf(to);
      if (other.content === 'free')
        found.push({
          step: { from, to, as: 'move' },
          cost: MOVE,
          next: change([
            [from, left],
            [to, withContent(to, content)],
          ]),
        });
      const shrunk = afterNarrow(other.content);
      if (content === 'both' && other.listed && shrunk !== null)
        found.push({
          step: { from, to, as: 'narrow' },
          cost: NARROW,
          next: change([
            [from, left],
            [to, withContent(to, shrunk)],
          ]),
        });
    }
  }
  return found;
}

/** What is wanted of the spaces: those to be cleared are free, some half is, or they can hold a quad. */
export type Goal = 'targets-free' | 'some-half' | 'quad';

/** What is left to do in a target before a quad stands there, as cost: a one-pole breaker becomes its outer pole. */
const INTO_QUAD: Partial<Record<Content, number>> = { free: 0, narrows: NARROW, both: NARROW };

/** What it costs from here to what is wanted, without another step of a breaker to a space; `null`: it takes one. */
function costToGoal(goal: Goal, counts: readonly number[], targets: number): number | null {
  if (goal === 'some-half') {
    const isHad = counts.some((count, number) => {
      const { content, listed } = kindOf(number);
      return count > 0 && listed && (content === 'half' || content === 'free');
    });
    return isHad ? 0 : null;
  }
  let ready = 0;
  let cost = 0;
  for (let number = PER_PLACE; number < counts.length; number++) {
    const count = counts[number]!;
    if (count === 0) continue;
    const { content } = kindOf(number);
    const more = goal === 'quad' ? INTO_QUAD[content] : content === 'free' ? 0 : undefined;
    if (more === undefined) return null;
    ready += count;
    cost += count * more;
  }
  return ready === targets ? cost : null;
}

/** A state, what it took, and how it was come to. */
interface Reached {
  counts: number[];
  cost: number;
  before: Reached | null;
  step: KindStep | null;
  /** Whether what is wanted is had, with all it cost. */
  isDone?: true;
}

/**
 * The least work that frees some spaces: Dijkstra over how many spaces there are of each kind, which is exact, since a
 * breaker of a kind does as well as another and no place is ever taken twice.
 *
 * @param cells all spaces of the section
 * @param targets those of them that are to be free; with `some-half` none
 * @param most what it may cost
 * @returns cost and steps, and what then stands in the targets; `null`: it costs more
 */
export function leastWork(
  cells: readonly Cell[],
  targets: readonly Cell[],
  goal: Goal,
  most: number,
): { cost: number; steps: SpacePlanStep[]; inTargets: readonly Cell[] } | null {
  const counts = new Array<number>(PER_PLACE * (1 + targets.length)).fill(0);
  const kinds = cells.map((cell) => {
    const target = targets.indexOf(cell);
    return kindNumber({ listed: cell.listed, content: cell.content, target: target < 0 ? null : target });
  });
  for (const number of kinds) counts[number] = counts[number]! + 1;
  const queues: Reached[][] = [[{ counts, cost: 0, before: null, step: null }]];
  const done = new Set<string>();
  for (let cost = 0; cost <= most; cost++) {
    for (const state of queues[cost] ?? []) {
      if (state.isDone) return { cost, ...inSpaces(cells, targets, kinds, state) };
      const key = state.counts.join();
      if (done.has(key)) continue;
      done.add(key);
      const rest = costToGoal(goal, state.counts, targets.length);
      if (rest === 0) return { cost, ...inSpaces(cells, targets, kinds, state) };
      if (rest !== null && cost + rest <= most)
        (queues[cost + rest] ??= []).push({ ...state, cost: cost + rest, isDone: true });
      for (const { step, cost: more, next } of stepsFrom(state.counts)) {
        if (cost + more > most) continue;
        (queues[cost + more] ??= []).push({ counts: next, cost: cost + more, before: state, step });
      }
    }
  }
  return null;
}

/** A step of a breaker to a space. */
export interface SpacePlanStep {
  id: string;
  to: { space: number; half: Half | null };
  as: 'move' | 'narrow' | 'quad';
}

/** The steps between kinds, made with spaces and breakers of each. */
function inSpaces(
  cells: readonly Cell[],
  targets: readonly Cell[],
  kinds: readonly number[],
  reached: Reached,
): { steps: SpacePlanStep[]; inTargets: readonly Cell[] } {
  const way: KindStep[] = [];
  for (let state: Reached | null = reached; state?.step; state = state.before) way.unshift(state.step);
  const now = cells.map((cell, i) => ({ ...cell, kind: kinds[i]!, freeHalves: [...cell.freeHalves] }));
  const steps = way.map(({ from, to, as }): SpacePlanStep => {
    const source = now.find(({ kind }) => kind === from)!;
    const aim = from === to && as === 'narrow' ? source : nearest(now, to, source);
    const id = source.id!;
    const before = source.content;
    if (aim !== source) become(source, 'free', null);
    if (as === 'move') {
      become(aim, before, id);
      return { id, to: { space: aim.space, half: null }, as };
    }
    if (aim === source) become(source, 'free', null);
    const half = aim.freeHalves[0]!;
    const rest = aim.freeHalves.slice(1);
    become(aim, rest.length > 0 ? 'half' : 'stays', null);
    aim.freeHalves = rest;
    return { id, to: { space: aim.space, half }, as };
  });
  return { steps, inTargets: now.filter((_cell, i) => targets.includes(cells[i]!)) };
}

type Tracked = Cell & { kind: number };

/** Of the spaces of a kind the nearest, for the sake of the conductors. */
function nearest(cells: readonly Tracked[], kind: number, from: Tracked): Tracked {
  const far = ({ space }: Tracked) => Math.abs(space - from.space) + ((space - from.space) % 2 === 0 ? 0 : 1);
  return cells
    .filter((one) => one.kind === kind && one !== from)
    .reduce((best, one) => (far(one) < far(best) ? one : best));
}

function become(cell: Tracked, content: Content, id: string | null): void {
  cell.content = content;
  cell.id = id;
  cell.kind = withContent(cell.kind, content);
  cell.freeHalves = content === 'free' ? ['upper', 'lower'] : [];
}
