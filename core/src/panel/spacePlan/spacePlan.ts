import { leastWork, NARROW, type SpacePlanStep } from './leastWork.ts';
import { spacePlanInput, type SpacePlan, type SpacePlanInput, type SpaceQuestion } from './schema.ts';
import { placesIn, sectionsOf, type Cell, type Section } from './section.ts';

interface Found {
  cost: number;
  steps: SpacePlanStep[];
  place: NonNullable<SpacePlan['place']>;
}

const NONE: SpacePlan = { possible: false, cost: null, steps: [], place: null, via: 'none' };

/** Places that are alike for what it takes to clear them. */
const alike = (place: readonly Cell[]) => place.map(({ listed, content }) => `${listed} ${content}`).join();

/** The cheapest whole place of a section. */
function wholePlace(section: Section, { poles, places }: SpaceQuestion['want'], most: number): Found | null {
  let best: Found | null = null;
  const tried = new Set<string>();
  for (const place of placesIn(section, poles)) {
    if (places && !places.includes(place[0]!.space)) continue;
    if (place.some(({ content }) => content === 'stays' || content === 'half' || content === 'narrows'))
      continue;
    if (tried.has(alike(place))) continue;
    tried.add(alike(place));
    const work = leastWork(section.cells, place, 'targets-free', best ? best.cost - 1 : most);
    if (work) best = { cost: work.cost, steps: work.steps, place: { space: place[0]!.space, half: null } };
    if (best?.cost === 0) break;
  }
  return best;
}

/** A half beside a narrow unit, or one that a narrow unit leaves. */
function halfPlace({ cells }: Section, most: number): Found | null {
  const work = leastWork(cells, [], 'some-half', most);
  if (!work) return null;
  const taken = work.steps.map(({ to }) => to);
  const last = taken.at(-1);
  const cell = last
    ? { space: last.space, half: last.half === 'upper' ? ('lower' as const) : ('upper' as const) }
    : halfOf(cells.find(({ content }) => content === 'half')!);
  return { cost: work.cost, steps: work.steps, place: cell };
}

const halfOf = ({ space, freeHalves }: Cell) => ({ space, half: freeHalves[0]! });

/** The step by which a breaker becomes the outer part of a quad. */
const intoQuad = (id: string, space: number): SpacePlanStep => ({
  ...{ id, as: 'quad' },
  to: { space, half: 'outer' },
});

/** The inner poles of a quad: what stands in its pair of spaces moves out, or becomes its outer poles. */
function quadPlace(
  section: Section,
  { quadSpaces, breakers, blocked }: SpaceQuestion,
  most: number,
): Found | null {
  const listed = new Set(quadSpaces);
  const found: (Found | null)[] = [];
  const tried = new Set<string>();
  for (const pair of placesIn(section, 2)) {
    const { space } = pair[0]!;
    if (!listed.has(space) || pair.some((cell) => blocked.includes(cell.space))) continue;
    const place = { space, half: 'inner' as const };
    const twoPole = breakers.find((one) => one.space === space && one.poles === 2 && one.half === null);
    if (twoPole) {
      if (twoPole.narrowable && NARROW <= most)
        found.push({ cost: NARROW, steps: [intoQuad(twoPole.id, space)], place });
      continue;
    }
    if (tried.has(alike(pair))) continue;
    tried.add(alike(pair));
    const work = leastWork(section.cells, pair, 'quad', most);
    if (!work) continue;
    const outer = work.inTargets.flatMap((cell) => (cell.id === null ? [] : [intoQuad(cell.id, cell.space)]));
    found.push({ cost: work.cost, steps: [...work.steps, ...outer], place });
  }
  return cheapest(found);
}

const cheapest = (found: readonly (Found | null)[]): Found | null =>
  found.reduce((best, one) => (one && (!best || one.cost < best.cost) ? one : best), null);

/**
 * How to make room in a panel with the least work: full-size one-pole breakers move to free spaces (1 each), or are
 * exchanged for narrow units where the label allows them (2 each), until a full-size breaker finds its place. Where no whole
 * place can be had a one-pole breaker takes half a space, a two-pole one the inner poles of a quad.
 *
 * @param input the panel’s spaces, split, what its label allows, blocked spaces; its breakers, and which of them may move or shrink; what is wanted
 * @returns the cheapest plan, step by step, in an order in which no place is ever taken twice; the steps
 *   into a quad come last
 * @throws ZodError where breakers overlap or lie beyond the panel
 * @example
 * spacePlan({ spaces: 4, narrowSpaces: null, blocked: [], want: { poles: 2 },
 *   breakers: [{ id: 'a', space: 1, poles: 1, half: null, movable: true, narrowable: false }] }).place // { space: 2, half: null }
 */
export function spacePlan(input: SpacePlanInput): SpacePlan {
  const question = spacePlanInput.parse(input);
  const { want, maxCost } = question;
  const sections = sectionsOf(question).filter(({ takesNew }) => takesNew);
  const whole = cheapest(sections.map((section) => wholePlace(section, want, maxCost)));
  if (whole) return { possible: true, ...whole, via: whole.steps.length === 0 ? 'free' : 'moves' };
  // Only certain spaces will do: those are for a whole breaker.
  if (want.places) return NONE;
  const part =
    want.poles === 1
      ? cheapest(sections.map((section) => halfPlace(section, maxCost)))
      : cheapest(sections.map((section) => quadPlace(section, question, maxCost)));
  return part ? { possible: true, ...part, via: want.poles === 1 ? 'narrow' : 'quad' } : NONE;
}
