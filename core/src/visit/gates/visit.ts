import { advance, allowedIn } from './advance.ts';
import { visitInput, type Visit, type VisitInput } from './schema.ts';
import { BEGUN, notDead, touchable, type VisitPlaces, type VisitState } from './state.ts';

const isDone = (
  { touched }: VisitPlaces,
  { swapped, verified, coverOn, mainOn, stop }: VisitState,
): boolean =>
  coverOn && mainOn && stop === null && touched.every(({ id }) => swapped.has(id) && verified.has(id));

/**
 * The gates of a visit, by what was done and measured so far: what may happen next, what may be touched. A gate opens by what
 * was measured, never by a tick.
 *
 * @param input the places that are worked on, other sources, and what has happened, in order (V)
 * @returns the first fact that was not allowed, what is allowed now, what may be touched, what is still to be measured
 * @throws ZodError where a figure is impossible or an id stands twice
 * @example visit({ touched: [{ id: '7', poles: 1 }], otherSources: [], facts: [] }).allowed // ['dressed', 'abandoned']
 */
export function visit(input: VisitInput): Visit {
  const plan = visitInput.parse(input);
  let state = BEGUN;
  let refused: number | null = null;
  for (const [i, fact] of plan.facts.entries()) {
    const next = advance(plan, state, fact);
    if (next === null) {
      refused = i;
      break;
    }
    state = next;
  }
  const { stop } = state;
  return {
    refused,
    allowed: allowedIn(plan, state),
    mayTouch: touchable(plan, state),
    toMeasure: notDead(plan, state),
    stop: { active: stop !== null, code: stop?.code ?? null, reasons: stop ? [stop.reason] : [] },
    done: isDone(plan, state),
  };
}
