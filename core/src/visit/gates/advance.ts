import { FACTS, MAIN, type FactName } from './factNames.ts';
import type { Fact } from './schema.ts';
import {
  LIVE_VOLTS,
  measureKey,
  measuresOf,
  PROVED,
  touchable,
  type VisitPlaces,
  VERIFIED,
  type VisitState,
} from './state.ts';
import * as messages from './messages.ts';

type Gate = (plan: VisitPlaces, state: VisitState) => boolean;

const someTouched = ({ touched }: VisitPlaces, is: (id: string) => boolean): boolean =>
  touched.some(({ id }) => is(id));

/** When each thing may happen, danger and an abandoned visit aside. */
const GATES: Record<FactName, Gate> = {
  dressed: (_plan, { dressed }) => !dressed,
  'tester-proved': (_plan, { dressed }) => dressed,
  'handles-off': (_plan, { dressed, proved, mainOn, handlesOff }) =>
    dressed && proved && mainOn && !handlesOff,
  // A standby generator starts, and a battery islands, when the main opens: other sources are isolated first.
  'source-isolated': ({ otherSources }, { dressed, proved, mainOn, handlesOff, isolated }) =>
    dressed && proved && mainOn && handlesOff && otherSources.some((id) => !isolated.has(id)),
  'main-off': ({ otherSources }, { handlesOff, mainOn, isolated }) =>
    handlesOff && mainOn && otherSources.every((id) => isolated.has(id)),
  locked: (_plan, { mainOn, locked }) => !mainOn && !locked,
  'cover-off': ({ otherSources }, { locked, proved, isolated, coverOn }) =>
    locked && proved && coverOn && otherSources.every((id) => isolated.has(id)),
  measured: (_plan, { coverOn }) => !coverOn,
  swapped: (plan, state) => touchable(plan, state).some((id) => !state.swapped.has(id)),
  'cover-on': (_plan, { coverOn }) => !coverOn,
  unlocked: (_plan, { locked, coverOn }) => locked && coverOn,
  'main-on': (_plan, { mainOn, locked, coverOn }) => !mainOn && !locked && coverOn,
  'handle-on': (plan, { mainCameOn, mainOn, on }) =>
    mainCameOn && mainOn && someTouched(plan, (id) => !on.has(id)),
  verified: (plan, { on, verified }) => someTouched(plan, (id) => on.has(id) && !verified.has(id)),
  abandoned: (_plan, { coverOn }) => coverOn,
};

/**
 * What may happen next. While danger stops it: the cover on, then home.
 *
 * @param plan the places that are worked on, and other sources
 * @param state how far the visit is
 * @returns names of facts, in their order
 * @example allowedIn({ touched, otherSources: [] }, BEGUN) // ['dressed', 'abandoned']
 */
export function allowedIn(plan: VisitPlaces, state: VisitState): FactName[] {
  if (state.abandoned) return [];
  if (state.stop !== null) return state.coverOn ? ['abandoned'] : ['cover-on'];
  return FACTS.filter((name) => GATES[name](plan, state));
}

/** Whether a fact speaks of something in the plan, for the first time where it may happen once. */
function isOfThePlan(fact: Fact, plan: VisitPlaces, state: VisitState): boolean {
  const isTouched = (id: string) => plan.touched.some((one) => one.id === id);
  switch (fact.is) {
    case 'source-isolated':
      return plan.otherSources.includes(fact.id) && !state.isolated.has(fact.id);
    case 'measured':
      return measuresOf(plan).some((one) => measureKey(one) === measureKey(fact));
    case 'swapped':
      return isTouched(fact.id) && !state.swapped.has(fact.id);
    case 'handle-on':
      return isTouched(fact.id) && !state.on.has(fact.id);
    case 'verified':
      return state.on.has(fact.id) && !state.verified.has(fact.id);
    default:
      return true;
  }
}

const NOTHING_MEASURED = { measured: new Map<string, number>(), provedSince: false } as const;

const within = (volts: number, { from, to }: { from: number; to: number }) => volts >= from && volts <= to;

const placeName = (id: string): string => (id === MAIN ? messages.loadSideOfTheMain : messages.at(id));

/** How far the visit is once something has happened that was allowed. */
function after(state: VisitState, fact: Fact): VisitState {
  switch (fact.is) {
    case 'dressed':
      return { ...state, dressed: true };
    case 'tester-proved': {
      const proved = within(fact.volts, PROVED);
      return { ...state, proved, provedSince: proved };
    }
    case 'handles-off':
      return { ...state, handlesOff: true, on: new Set() };
    case 'main-off':
      return { ...state, mainOn: false };
    case 'locked':
      return { ...state, locked: true };
    case 'source-isolated':
      return { ...state, isolated: new Set([...state.isolated, fact.id]) };
    case 'cover-off':
      return { ...state, coverOn: false };
    case 'measured':
      return {
        ...state,
        measured: new Map([...state.measured, [measureKey(fact), fact.volts]]),
        provedSince: false,
        stop:
          fact.volts >= LIVE_VOLTS
            ? {
                code: 'live',
                reason: messages.readsVItIsEnergizedThe(placeName(fact.id), fact.volts),
              }
            : state.stop,
      };
    case 'swapped':
      return { ...state, swapped: new Set([...state.swapped, fact.id]) };
    case 'cover-on':
      return { ...state, coverOn: true, ...NOTHING_MEASURED };
    case 'unlocked':
      return { ...state, locked: false, ...NOTHING_MEASURED };
    case 'main-on':
      return { ...state, mainOn: true, mainCameOn: true, ...NOTHING_MEASURED };
    case 'handle-on':
      return { ...state, handlesOff: false, on: new Set([...state.on, fact.id]) };
    case 'verified':
      return {
        ...state,
        verified: new Set([...state.verified, fact.id]),
        stop: within(fact.volts, VERIFIED)
          ? state.stop
          : {
              code: 'verify',
              reason: messages.readsVWithTheBreakerOn(
                placeName(fact.id),
                fact.volts,
                VERIFIED.from,
                VERIFIED.to,
              ),
            },
      };
    case 'abandoned':
      return { ...state, abandoned: true };
  }
}

/**
 * The visit one fact on.
 *
 * @param plan the places that are worked on, and other sources
 * @param state how far it is
 * @param fact what happened, V
 * @returns how far it is then; `null`: that was not allowed
 * @example advance({ touched, otherSources: [] }, BEGUN, { is: 'main-off' }) // null
 */
export const advance = (plan: VisitPlaces, state: VisitState, fact: Fact): VisitState | null =>
  allowedIn(plan, state).includes(fact.is) && isOfThePlan(fact, plan, state) ? after(state, fact) : null;
