import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { answersTo, aTaskOf, aVisitPlan, aVisitTask, uuid } from '../../testing/index.ts';
import {
  begun,
  nextOf,
  screenOf,
  soundFact,
  takesAnswer,
  troublesOn,
  visitPlan,
  walk,
  WORKS,
  workOn,
  type VisitFact,
  type VisitPlan,
  type VisitScreen,
} from './index.ts';

/** The screens of a visit in which all goes as it should. */
function screensOf(plan: VisitPlan): VisitScreen[] {
  const screens: VisitScreen[] = [];
  let state = begun(plan);
  for (;;) {
    const screen = screenOf(plan, state);
    if (screen.kind === 'end') return screens;
    screens.push(screen);
    for (const step of screen.steps) {
      const fact: VisitFact = step.kind === 'finish' ? { is: 'finished' } : soundFact(step)!;
      state = workOn(plan, state, fact)!;
    }
  }
}

const tasks = (count: number, change: Parameters<typeof aVisitTask>[0] = {}) =>
  Array.from({ length: count }, (_, i) =>
    aVisitTask({
      id: uuid(i + 1),
      breakerId: uuid(i + 1),
      partId: uuid(i + 901),
      space: 2 * i + 1,
      ...change,
    }),
  );

describe('confirmations', () => {
  test.each([
    ['a standard breaker', {}],
    ['a two-pole breaker', { poles: 2 as const, receptacles: false }],
    ['a dual-function breaker with a pigtail', { kind: 'dual' as const, neutral: 'pigtail' as const }],
  ])('%s is replaced in at most 14, three in at most 26', (_name, change) => {
    expect(screensOf(aVisitPlan({ tasks: tasks(1, change) })).length).toBeLessThanOrEqual(14);
    const three = tasks(3, change).map((task, i) => ({ ...task, space: 4 * i + 1 }));
    expect(screensOf(aVisitPlan({ tasks: three })).length).toBeLessThanOrEqual(26);
  });

  test('the inside is inspected in at most 8', () => {
    const screens = screensOf(aVisitPlan({ tasks: [aTaskOf('inspect')] }));
    expect(screens.map(({ kind }) => kind)).toEqual([
      ...['get-ready', 'main-off', 'gate', 'verify-dead', 'inspect', 'close', 'gate', 'finish'],
    ]);
  });

  test('the dead readings are one table a place, and the meter is verified again at the last one', () => {
    const tables = screensOf(aVisitPlan({ tasks: tasks(2) })).filter(({ kind }) => kind === 'verify-dead');
    expect(tables.map(({ id, steps }) => [id, steps.length])).toEqual([
      ['main', 5],
      [uuid(1), 2],
      [uuid(2), 3],
    ]);
    expect(tables.at(-1)!.steps.at(-1)).toEqual({ kind: 'gate', is: 'tester-proved' });
  });
});

/** A visit of any work, gone on with as chance has it. */
const chance = fc
  .record({
    work: fc.constantFrom(...WORKS),
    poles: fc.constantFrom(1 as const, 2 as const),
    neutral: fc.constantFrom('none' as const, 'pigtail' as const, 'plug-on' as const),
    count: fc.integer({ min: 1, max: 3 }),
    holes: fc.constantFrom<number[]>([], [30]),
    source: fc.boolean(),
    picks: fc.array(fc.nat(1000), { maxLength: 70 }),
  })
  .map(({ work, poles, neutral, count, holes, source, picks }) => {
    const plan = visitPlan.parse({
      ...aVisitPlan({ holes, sources: source ? [{ id: 'pv', kind: 'solar' }] : [] }),
      tasks: tasks(count).map((task, i) => aTaskOf(work, { ...task, poles, neutral, space: 4 * i + 1 })),
    });
    const facts: VisitFact[] = [];
    for (const pick of picks) {
      const answers = answersTo(plan, walk(plan, facts).state);
      if (answers.length === 0) break;
      // Mostly as it should go, or no visit would ever get far.
      facts.push(pick % 5 === 0 ? answers[pick % answers.length]! : answers[0]!);
    }
    return { plan, state: walk(plan, facts).state };
  });

describe('laws', () => {
  test('a screen begins with what is next, and each step passes its own gate after the ones before it', () => {
    fc.assert(
      fc.property(chance, ({ plan, state }) => {
        const { steps } = screenOf(plan, state);
        expect(steps[0]).toEqual(nextOf(plan, state));
        let at = state;
        for (const step of steps.slice(0, -1)) {
          expect(nextOf(plan, at)).toEqual(step);
          at = workOn(plan, at, soundFact(step)!)!;
          expect(at).not.toBeNull();
        }
      }),
    );
  });

  test('what may be reported there is taken with the steps before it; a reading is never taken for granted', () => {
    fc.assert(
      fc.property(chance, ({ plan, state }) => {
        for (const { id, trouble, before } of troublesOn(plan, state)) {
          let at = state;
          for (const fact of before) {
            expect(takesAnswer(nextOf(plan, at))).toBe(false);
            at = workOn(plan, at, fact)!;
          }
          expect(workOn(plan, at, { is: 'found', id, trouble })).not.toBeNull();
        }
      }),
    );
  });
});
