import { describe, expect, test } from '@jest/globals';
import { answersTo, aTaskOf, aVisitPlan, aVisitTask } from '../../testing/index.ts';
import {
  leftToMeasure,
  nextOf,
  REPORTED,
  STEPS,
  walk,
  workOn,
  WORKS,
  type VisitPlan,
  type WorkState,
} from './index.ts';

const keyOf = (state: WorkState) =>
  JSON.stringify(state, (_key, value: unknown) =>
    value instanceof Set ? [...value].sort() : value instanceof Map ? [...value].sort() : value,
  );

/** Every state a visit can come to, by every answer and everything that may be reported. */
function* statesIn(plan: VisitPlan): Generator<WorkState> {
  const start = walk(plan, []).state;
  const seen = new Map([[keyOf(start), start]]);
  for (const state of seen.values()) {
    yield state;
    const answers = answersTo(plan, state);
    if (answers.length === 0 && nextOf(plan, state).kind !== 'end')
      throw new Error(`Dead end: ${keyOf(state)}`);
    for (const fact of answers) {
      const after = workOn(plan, state, fact)!;
      const key = keyOf(after);
      if (!seen.has(key)) seen.set(key, after);
    }
  }
}

describe('every state, every answer', () => {
  test('none is dead-ended, each ends, and all that can be met is met', () => {
    const plan = aVisitPlan({
      tasks: [aVisitTask({ kind: 'gfci', neutral: 'pigtail' })],
      sources: [{ id: 'solar', kind: 'solar' }],
    });
    let count = 0;
    const kinds = new Set<string>();
    const met = new Set<string>();
    for (const state of statesIn(plan)) {
      count++;
      const next = nextOf(plan, state);
      kinds.add(next.kind === 'gate' ? next.is : next.kind === 'step' ? next.step : next.kind);
      if (state.met) met.add(state.met.trouble);
    }
    expect(count).toBeGreaterThan(1000);
    expect(REPORTED.filter((trouble) => !met.has(trouble))).toEqual([]);
    const ofOthers = [
      ...['bring-cable', 'ground-in', 'inspect', 'remove-bond', 'move-neutrals', 'check-separation'],
      ...['fit-bond', 'dry-out', 'seal-entry'],
    ];
    expect(STEPS.filter((step) => !kinds.has(step))).toEqual(ofOthers);
    expect([...kinds]).toEqual(
      expect.arrayContaining([
        'dressed',
        'measure',
        'choose',
        'swapped',
        'verify',
        'proof',
        'leave',
        'finish',
        'end',
      ]),
    );
  });

  test.each(WORKS.filter((work) => work !== 'replace'))(
    '%s: none is dead-ended, and hands are inside only behind every gate',
    (work) => {
      const plan = aVisitPlan({ tasks: [aTaskOf(work)] });
      let count = 0;
      for (const state of statesIn(plan)) {
        count++;
        const next = nextOf(plan, state);
        const { gates } = state;
        if (next.kind === 'step') {
          expect(leftToMeasure(plan, state)).toEqual([]);
          expect([
            gates.coverOn,
            gates.mainOn,
            gates.locked,
            gates.proved,
            gates.provedSince,
            gates.stop,
          ]).toEqual([false, false, true, true, true, null]);
        }
      }
      expect(count).toBeGreaterThan(100);
    },
  );
});
