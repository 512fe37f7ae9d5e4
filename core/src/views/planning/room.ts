import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { legOfSpace, sayPlace } from '../../panel/layout/index.ts';
import type { PlannedBreaker, SpacePlan, SpacePlanInput } from '../../panel/spacePlan/index.ts';
import type { Breaker, Circuit } from '../../record/entities/index.ts';
import type { PlannedPanel, StoredProposal } from './schema.ts';
import * as messages from './messages.ts';

/** Narrow units are made up to this rating, A. */
const MOST_NARROW_AMPS = LOAD_LIMITS.halfSizeMostAmps;

/** What stays where it is, and why. */
export interface Stays {
  breakerId: string;
  why: string;
}

/**
 * Why a breaker may not move within its panel; `null`: it may.
 *
 * @param breaker the part
 * @param circuit what it feeds
 * @param feeds whether a sub-panel hangs on it
 * @returns a sentence
 * @example whyItStays({ ...breaker, tiedWith: 'b2' }, circuit, false) // 'Its handle is tied to another.'
 */
export function whyItStays(
  { role, poles, half, tiedWith, kind }: Pick<Breaker, 'role' | 'poles' | 'half' | 'tiedWith' | 'kind'>,
  circuit: Pick<Circuit, 'sharesNeutral'> | null,
  feeds: boolean,
): string | null {
  if (role === 'main') return messages.itIsTheMain;
  if (feeds) return messages.itFeedsASubpanel;
  if (poles === 2) return messages.aTwoPoleBreakerStaysOn;
  if (half !== null) return messages.aTandemStaysWhereTheLabel;
  if (tiedWith !== null) return messages.itsHandleIsTiedToAnother;
  if (circuit?.sharesNeutral) return messages.itSharesANeutralSoIt;
  if (kind === 'surge') return messages.surgeProtectionStaysCloseToThe;
  return null;
}

const mayShrink = ({ kind, ratingAmps }: Pick<Breaker, 'kind' | 'ratingAmps'>): boolean =>
  kind === 'standard' && ratingAmps <= MOST_NARROW_AMPS;

/** What is to be put in. */
export interface RoomWish {
  poles: 1 | 2;
  section?: 'upper' | 'lower';
  /** At the spaces beside the main, which an interlock’s plate reaches. */
  besideMain?: boolean;
  /** At this space and no other. */
  space?: number;
}

/** Where the first row of spaces is. */
const BESIDE_MAIN = [1, 2];

/**
 * The question of room in a drawn panel, as `spacePlan` takes it.
 *
 * @param planned the panel with what is in it
 * @param hands ids of breakers that feed sub-panels, and of those that danger has stopped
 * @param wish what is to be put in
 * @returns the question, and what stays where it is with the reason
 * @example roomQuestion(planned, { feeders: new Set(), stopped: new Set() }, { poles: 2 }).question.want // { poles: 2 }
 */
export function roomQuestion(
  { panel, breakers }: PlannedPanel,
  { feeders, stopped }: { feeders: ReadonlySet<string>; stopped: ReadonlySet<string> },
  wish: RoomWish,
): { question: SpacePlanInput; stays: Stays[] } {
  const stays: Stays[] = [];
  const planned = breakers.flatMap(({ breaker, circuit }): PlannedBreaker[] => {
    const { id, space, poles, half } = breaker;
    if (space === null) return [];
    const why = stopped.has(id)
      ? messages.aHazardIsOpenRepairIt
      : whyItStays(breaker, circuit, feeders.has(id));
    if (why !== null) stays.push({ breakerId: id, why });
    return [
      {
        id,
        space,
        poles,
        half,
        movable: why === null,
        narrowable:
          half === null &&
          !feeders.has(id) &&
          breaker.tiedWith === null &&
          breaker.role === 'branch' &&
          !stopped.has(id) &&
          mayShrink(breaker),
      },
    ];
  });
  const { narrowSpaces } = panel;
  return {
    question: {
      spaces: panel.spaces,
      splitAt: panel.splitAt,
      narrowSpaces,
      quadSpaces: narrowSpaces?.filter((space) => narrowSpaces.includes(space + 2)) ?? null,
      blocked: [],
      breakers: planned,
      want: {
        poles: wish.poles,
        ...(panel.splitAt !== null && wish.section && { section: wish.section }),
        ...(wish.besideMain && { places: BESIDE_MAIN }),
        ...(wish.space !== undefined && { places: [wish.space] }),
      },
    },
    stays,
  };
}

/**
 * The question of room for a breaker that is here already, at another space: the panel without it.
 *
 * @param planned the panel with what is in it
 * @param hands ids of breakers that feed sub-panels, and of those that danger has stopped
 * @param move the breaker, and the space it is to have
 * @returns the question as `spacePlan` takes it; or why that breaker stays where it is
 * @example moveQuestion(planned, { feeders: new Set(), stopped: new Set() }, { breakerId: 'a', space: 7 }) // { question: … }
 */
export function moveQuestion(
  planned: PlannedPanel,
  hands: Parameters<typeof roomQuestion>[1],
  { breakerId, space }: { breakerId: string; space: number },
): { question: SpacePlanInput } | { stays: string } {
  const found = planned.breakers.find(({ breaker }) => breaker.id === breakerId);
  if (!found) return { stays: messages.itIsNoLongerInThis };
  const { breaker, circuit } = found;
  // A two-pole breaker may be carried to two other spaces: it meets both legs everywhere.
  const why = hands.stopped.has(breakerId)
    ? messages.aHazardIsOpenRepairIt
    : whyItStays({ ...breaker, poles: 1 }, circuit, hands.feeders.has(breakerId));
  if (why !== null) return { stays: why };
  const rest = {
    ...planned,
    breakers: planned.breakers.filter((one) => one.breaker.id !== breakerId),
  };
  return { question: roomQuestion(rest, hands, { poles: breaker.poles, space }).question };
}

/** The step before a circuit goes to the other leg, where nobody traced its neutral. */
export const TRACE_NEUTRAL = messages.traceItsNeutralFirstIfIt;

/** One thing to do, in words, and the parts it takes. */
export interface RoomStep {
  breakerId: string;
  text: string;
  parts: string[];
  /** It goes to the other leg. */
  changesLeg: boolean;
  /** It goes to the other leg, and nobody traced its neutral. */
  needsTracing: boolean;
}

/** Spaces are an inch apart: past so many rows a conductor may not reach. */
const REACHES_ROWS = 2;
const rowOf = (space: number) => Math.floor((space - 1) / 2);

/**
 * The breakers that become the outer poles of a quad.
 *
 * @param steps of a plan or a proposal
 * @param breakers of the panel
 * @returns one two-pole breaker, or up to two one-pole breakers
 * @example outerOfQuad([], breakers) // []
 */
export const outerOfQuad = (
  steps: readonly { breakerId: string; as: string }[],
  breakers: PlannedPanel['breakers'],
): Breaker[] =>
  steps.flatMap(({ breakerId, as }) => {
    const found = as === 'quad' && breakers.find(({ breaker }) => breaker.id === breakerId);
    return found ? [found.breaker] : [];
  });

/**
 * The outer poles of a quad in words.
 *
 * @param outer breakers that become them
 * @returns ratings in A, and whether they trip together
 * @example sayOuterPoles([{ poles: 1, ratingAmps: 20 }]) // '20 A outer poles that trip separately'
 */
export function sayOuterPoles(outer: readonly Pick<Breaker, 'poles' | 'ratingAmps'>[]): string {
  const ratings = [...new Set(outer.map(({ ratingAmps }) => sayQuantity(ratingAmps, 'A')))].join(' / ');
  return outer.some(({ poles }) => poles === 2) ? messages.outerPair(ratings) : messages.outerPoles(ratings);
}

/**
 * The steps of a plan in words, with the parts each takes: narrow units, and splices where a conductor may end up too short.
 *
 * @param plan as `spacePlan` gives it
 * @param planned the panel it is about
 * @returns a step each, in the order in which they are done, with the panel dead
 * @example roomSteps(plan, planned)[0].text // 'Move 7 Loft lights to space 9'
 */
export function roomSteps({ steps }: Pick<SpacePlan, 'steps'>, { breakers }: PlannedPanel): RoomStep[] {
  const at = new Map(breakers.map(({ breaker }) => [breaker.id, breaker.space]));
  const outer = outerOfQuad(
    steps.map(({ id, as }) => ({ breakerId: id, as })),
    breakers,
  );
  return steps.map(({ id, to, as }) => {
    const { breaker, circuit } = breakers.find((one) => one.breaker.id === id)!;
    const from = at.get(id)!;
    at.set(id, to.space);
    const what = `${sayPlace(breaker)}${circuit ? ` ${circuit.label}` : ''}`;
    const gauge = circuit?.conductor ? messages.awg(circuit.conductor.gauge) : '';
    const farAway = Math.abs(rowOf(to.space) - rowOf(from)) > REACHES_ROWS || (to.space - from) % 2 !== 0;
    const where = messages.space(to.space, to.half ? messages.half(to.half) : '');
    const changesLeg = legOfSpace(from) !== legOfSpace(to.space);
    return {
      breakerId: id,
      text:
        as === 'move'
          ? messages.moveTo(what, where)
          : as === 'narrow'
            ? messages.replaceWithAATandemHalf(what, breaker.ratingAmps, where)
            : messages.replaceWithTheOuterPartOfAQuad(what, breaker.ratingAmps, breaker.poles),
      parts: [
        ...(as === 'narrow' ? [messages.aTandemHalf(breaker.ratingAmps)] : []),
        // The breakers of a quad are one part.
        ...(as === 'quad' && id === outer[0]?.id ? [messages.aQuad(sayOuterPoles(outer))] : []),
        ...(farAway ? [messages.conductorAndAListedConnectorIn(gauge)] : []),
      ],
      changesLeg,
      needsTracing: changesLeg && breaker.poles === 1 && (circuit?.sharesNeutral ?? null) === null,
    };
  });
}

/**
 * A plan as a panel holds it: half-size breakers only where they are made, standard ones up to 30 A; and the outer pole of a
 * one-pole in a quad is the half of its space away from the middle.
 *
 * @param plan as `spacePlan` gives it
 * @param wanted rating (A) and kind of the new breaker
 * @param planned the panel it is about
 * @returns the plan; an impossible one where it takes a half-size breaker that is not made
 * @example planFor(plan, { ratingAmps: 50, kind: 'standard' }, planned).possible // false, if it takes a quad
 */
export function planFor(
  plan: SpacePlan,
  wanted: Pick<Breaker, 'kind' | 'ratingAmps'>,
  { breakers }: PlannedPanel,
): SpacePlan {
  if ((plan.via === 'narrow' || plan.via === 'quad') && !mayShrink(wanted))
    return { possible: false, cost: null, steps: [], place: null, via: 'none' };
  const polesOf = new Map(breakers.map(({ breaker }) => [breaker.id, breaker.poles]));
  const steps = plan.steps.map((step) =>
    step.as === 'quad' && polesOf.get(step.id) === 1
      ? {
          ...step,
          to: {
            space: step.to.space,
            half: step.to.space === plan.place!.space ? ('upper' as const) : ('lower' as const),
          },
        }
      : step,
  );
  return { ...plan, steps };
}

/**
 * The steps of a plan as a proposal keeps them.
 *
 * @param plan for a panel, by `planFor`
 * @returns breakers with their new places
 * @example proposedSteps({ steps: [] }) // []
 */
export const proposedSteps = ({ steps }: Pick<SpacePlan, 'steps'>): StoredProposal['content']['steps'] =>
  steps.map(({ id, to, as }) => ({ breakerId: id, to, as }));

/**
 * The breakers of a panel as they would sit once a plan was carried out.
 *
 * @param breakers as they sit now
 * @param steps as `spacePlan` gives them
 * @returns the same breakers, those that moved at their new places
 * @example afterSteps([{ id: 'a', space: 1, half: null }], [{ id: 'a', to: { space: 5, half: null }, as: 'move' }])[0].space // 5
 */
export const afterSteps = <B extends { id: string; space: number | null; half: string | null }>(
  breakers: readonly B[],
  steps: SpacePlan['steps'],
): B[] => {
  const to = new Map(steps.map((step) => [step.id, step.to]));
  return breakers.map((one) => (to.has(one.id) ? { ...one, ...to.get(one.id)! } : one));
};
