import { leastWork, type SpacePlanStep } from './leastWork.ts';
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
    if (work) best = { ...work, place: { space: place[0]!.space, half: null } };
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
  return { ...work, place: cell };
}

const halfOf = ({ space, freeHalves }: Cell) => ({ space, half: freeHalves[0]! });

const cheapest = (found: readonly (Found | null)[]): Found | null =>
  found.reduce((best, one) => (one && (!best || one.cost < best.cost) ? one : best), null);

/**
 * How to make room in a panel with the least work: full-size one-pole breakers move to free spaces (1 each), or are
 * exchanged for narrow units where the label allows them (2 each), until a full-size breaker finds its place; a one-pole
 * one, where no whole place can be had, half a space.
 *
 * @param input the panel’s spaces, split, label and blocked spaces; its breakers, and which of them may move or shrink; what is wanted
 * @returns the cheapest plan, step by step, in an order in which no place is ever taken twice
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
  const half =
    want.poles === 1 && !want.places
      ? cheapest(sections.map((section) => halfPlace(section, maxCost)))
      : null;
  return half ? { possible: true, ...half, via: 'narrow' } : NONE;
}
