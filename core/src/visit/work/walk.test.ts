import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { VISIT_FAULTS, type VisitFault } from '../../simulate/panel/index.ts';
import { answersTo, aVisitPlan, aVisitTask, uuid, visitIn } from '../../testing/index.ts';
import { nextOf, REPORTED, STEPS, visitPlan, walk, WAYS, workOn, type VisitFact } from './index.ts';

const two = aVisitPlan({
  tasks: [
    aVisitTask({ kind: 'dual', neutral: 'pigtail' }),
    aVisitTask({
      id: uuid(2),
      breakerId: uuid(2),
      partId: uuid(902),
      space: 10,
      poles: 2,
      receptacles: false,
    }),
  ],
  sources: [{ id: 'solar', kind: 'solar' }],
  holes: [12],
});

describe('a visit from the first glove to the last figure', () => {
  test('goes through in a sound house, each thing once and in its order', () => {
    const { facts, state, next } = visitIn('none', two);
    expect([state.finished, next.kind]).toEqual([true, 'end']);
    const told = facts.map((fact) => (fact.is === 'step-done' ? fact.step : fact.is));
    expect(told.slice(0, 7)).toEqual([
      'dressed',
      'tester-proved',
      'handles-off',
      'source-isolated',
      'main-off',
      'locked',
      'cover-off',
    ]);
    // Five at the main, two at a one-pole, five at a two-pole; the tester again.
    expect(told.slice(7, 20)).toEqual([...Array<string>(12).fill('measured'), 'tester-proved']);
    expect(told.slice(20, 30)).toEqual([
      'mark',
      'free',
      'rock-off',
      'stab',
      'compare',
      'click',
      'hook-press',
      'neutral-in',
      'conductor-in',
      'swapped',
    ]);
    expect(told.slice(-13)).toEqual([
      'fill',
      'cover-on',
      'unlocked',
      'main-on',
      'proof',
      'handle-on',
      'verified',
      'proof',
      'proof',
      'handle-on',
      'verified',
      'proof',
      'finished',
    ]);
  });

  test('a new breaker is connected ground first, the hot conductor last', () => {
    const task = aVisitTask({ work: 'new-breaker', breakerId: null });
    const { facts } = visitIn('none', aVisitPlan({ tasks: [task] }));
    expect(facts.flatMap((fact) => (fact.is === 'step-done' ? [fact.step] : []))).toEqual([
      'bring-cable',
      'stab',
      'ground-in',
      'compare',
      'click',
      'hook-press',
      'neutral-in',
      'conductor-in',
    ]);
  });

  test('a moved breaker leaves a filler behind', () => {
    const task = aVisitTask({ work: 'move', partId: null, from: 3 });
    const { facts, state } = visitIn('none', aVisitPlan({ tasks: [task] }));
    expect(facts.findLast((fact) => fact.is === 'step-done')).toMatchObject({ step: 'fill' });
    expect(state.finished).toBe(true);
  });

  test('a conductor is not in before its torque is told', () => {
    const { facts } = visitIn('none', two, {
      until: (next) => next.kind === 'step' && next.step === 'conductor-in',
    });
    const bare: VisitFact = { is: 'step-done', id: uuid(1), step: 'conductor-in', torqueLbIn: null };
    expect(walk(two, [...facts, bare]).refused).toBe(facts.length);
    expect(walk(two, [...facts, { ...bare, torqueLbIn: 25 }]).refused).toBeNull();
  });

  test('a break is taken with the cover on; then the tester is proved anew', () => {
    const until = (kind: string) => visitIn('none', two, { until: (next) => next.kind === kind }).facts;
    expect(walk(two, [...until('measure'), { is: 'paused' }]).refused).not.toBeNull();
    const locked = until('source');
    const { state, refused } = walk(two, [...locked, { is: 'paused' }]);
    expect([refused, nextOf(two, state)]).toEqual([null, { kind: 'gate', is: 'tester-proved' }]);
  });

  test('a meter that shows nothing afterwards voids what it called dead', () => {
    const { facts, next } = visitIn('none', two, {
      until: (one, { gates }) => one.kind === 'gate' && one.is === 'tester-proved' && gates.measured.size > 0,
    });
    expect(next).toEqual({ kind: 'gate', is: 'tester-proved' });
    const { state } = walk(two, [
      ...facts,
      { is: 'tester-proved', volts: 3 },
      { is: 'tester-proved', volts: 121 },
    ]);
    expect(nextOf(two, state)).toMatchObject({ kind: 'measure', left: 12 });
  });

  test('what is given up is made safe, and no longer asked for', () => {
    const { facts } = visitIn('none', two, { until: (next) => next.kind === 'step' && next.step === 'stab' });
    const after = (then: VisitFact[]) => nextOf(two, walk(two, [...facts, ...then]).state);
    const up: VisitFact = { is: 'changed', id: uuid(1), way: 'not-now', space: null, ratingAmps: null };
    expect(after([up])).toMatchObject({ kind: 'step', step: 'cap' });
    const cap: VisitFact = { is: 'step-done', id: uuid(1), step: 'cap', torqueLbIn: null };
    expect(after([up, cap])).toMatchObject({ kind: 'step', step: 'fill' });
    expect(after([up, cap, { ...cap, step: 'fill' }])).toMatchObject({
      kind: 'step',
      id: uuid(2),
      step: 'mark',
    });
  });

  test('never a larger breaker, whatever was found', () => {
    const { facts } = visitIn('thin-wire', two);
    const change = (ratingAmps: number) =>
      walk(two, [...facts, { is: 'changed', id: uuid(1), way: 'smaller', space: null, ratingAmps }]).refused;
    expect([change(10), change(15), change(20)]).toEqual([null, facts.length, facts.length]);
  });

  test('another space is measured before anybody touches it', () => {
    const { facts, next } = visitIn('pitted-stab', two);
    expect(next).toEqual({ kind: 'choose', id: uuid(1), trouble: 'stab-pitted' });
    const { state, refused } = walk(two, [
      ...facts,
      { is: 'changed', id: uuid(1), way: 'other-space', space: 9, ratingAmps: null },
    ]);
    expect([refused, nextOf(two, state)]).toEqual([
      null,
      { kind: 'measure', left: 2, what: { id: `${uuid(1)}@9`, pole: 1, to: 'neutral' } },
    ]);
    // A space that another task uses is none.
    expect(
      walk(two, [...facts, { is: 'changed', id: uuid(1), way: 'other-space', space: 10, ratingAmps: null }])
        .refused,
    ).toBe(facts.length);
  });

  test.each(Object.keys(VISIT_FAULTS) as VisitFault[])(
    'comes to an end in every made-up house: %s',
    (fault) => {
      let voided = 0;
      const { facts, state } = visitIn(fault, two, {
        // Whatever can be given up is, and an empty meter is put away in the end.
        choose: ({ id }) => ({ is: 'changed', id, way: 'not-now', space: null, ratingAmps: null }),
        until: (next) =>
          next.kind === 'gate' && next.is === 'tester-proved' && fault === 'tester-dead' && voided++ > 3,
      });
      expect(walk(two, facts).refused).toBeNull();
      expect(state.finished || state.gates.abandoned || fault === 'tester-dead').toBe(true);
    },
  );

  test('a plan that names things twice, or the main, is bad input', () => {
    const bad = (change: object) => visitPlan.safeParse({ ...two, ...change }).success;
    expect(bad({})).toBe(true);
    expect(bad({ tasks: [aVisitTask(), aVisitTask()] })).toBe(false);
    expect(bad({ tasks: [aVisitTask({ id: 'main' })] })).toBe(false);
    expect(bad({ tasks: [aVisitTask({ work: 'new-breaker' })] })).toBe(false);
    expect(bad({ tasks: [aVisitTask({ work: 'move', partId: null })] })).toBe(false);
  });
});

/** Anything that may be claimed, in its order or not. */
const small = aVisitPlan({ sources: [{ id: 'solar', kind: 'solar' }] });
const place = uuid(1);
const anyFact: fc.Arbitrary<VisitFact> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.constantFrom<VisitFact>(
      ...(
        [
          'dressed',
          'handles-off',
          'main-off',
          'locked',
          'cover-off',
          'cover-on',
          'unlocked',
          'main-on',
          'paused',
          'finished',
        ] as const
      ).map((is) => ({ is })),
      { is: 'source-isolated', id: 'solar' },
    ),
  },
  fc.record({ is: fc.constant('tester-proved' as const), volts: fc.constantFrom(0, 120, 120) }),
  {
    weight: 5,
    arbitrary: fc.record({
      is: fc.constant('measured' as const),
      id: fc.constantFrom('main', place, `${place}@9`),
      pole: fc.constantFrom(1 as const, 2 as const),
      to: fc.constantFrom('neutral' as const, 'ground' as const, 'other-pole' as const),
      volts: fc.constantFrom(0, 0, 0, 0, 0, 0, 5, 120),
    }),
  },
  {
    weight: 5,
    arbitrary: fc.record({
      is: fc.constant('step-done' as const),
      id: fc.constantFrom(place, 'main'),
      step: fc.constantFrom(...STEPS),
      torqueLbIn: fc.constantFrom(null, 25),
    }),
  },
  fc.record({
    is: fc.constant('found' as const),
    id: fc.constantFrom(place, 'main'),
    trouble: fc.constantFrom(...REPORTED),
  }),
  fc.record({
    is: fc.constant('changed' as const),
    id: fc.constant(place),
    way: fc.constantFrom(...WAYS),
    space: fc.constantFrom(null, 9),
    ratingAmps: fc.constantFrom(null, 10, 40),
  }),
  ...(['swapped', 'handle-on'] as const).map((is) =>
    fc.record({ is: fc.constant(is), id: fc.constantFrom(place, `${place}@9`) }),
  ),
  fc.record({
    is: fc.constant('verified' as const),
    id: fc.constantFrom(place, `${place}@9`),
    volts: fc.constantFrom(0, 120, 120),
  }),
  fc.record({
    is: fc.constant('proof' as const),
    id: fc.constant(place),
    proof: fc.constant('off-output' as const),
    volts: fc.constantFrom(0, 120),
  }),
);

/** So much of an honest visit, and then anything at all; what is refused is left out. */
const wanderings = fc.record({ honest: fc.nat(40), then: fc.array(anyFact, { maxLength: 60 }) });
const HONEST = visitIn('none', small).facts;
function wander({ honest, then }: { honest: number; then: readonly VisitFact[] }) {
  const facts: VisitFact[] = [];
  const states = [walk(small, []).state];
  for (const fact of [...HONEST.slice(0, honest), ...then]) {
    const next = workOn(small, states.at(-1)!, fact);
    if (next === null) continue;
    facts.push(fact);
    states.push(next);
  }
  return { facts, states };
}

const names = (facts: readonly VisitFact[]) => facts.map(({ is }) => is as string);
const last = (facts: readonly VisitFact[], is: string) => names(facts).lastIndexOf(is);

describe('laws: whatever is claimed, in whatever order', () => {
  test('the cover comes off behind a main that is off and locked, with every known source isolated', () => {
    fc.assert(
      fc.property(wanderings, (wanted) => {
        const { facts } = wander(wanted);
        facts.forEach((fact, i) => {
          if (fact.is !== 'cover-off') return;
          const before = facts.slice(0, i);
          expect(last(before, 'main-off')).toBeGreaterThan(last(before, 'main-on'));
          expect(last(before, 'locked')).toBeGreaterThan(last(before, 'unlocked'));
          expect(last(before, 'source-isolated')).toBeGreaterThan(-1);
        });
      }),
    );
  });

  test('nothing is worked on before every pole of every place was dead, after the last time anything could have come alive, with the tester proved before and after', () => {
    fc.assert(
      fc.property(wanderings, (wanted) => {
        const { facts, states } = wander(wanted);
        facts.forEach((fact, i) => {
          if (fact.is !== 'swapped' && !(fact.is === 'step-done' && fact.id !== 'main')) return;
          const before = facts.slice(0, i);
          const alive = Math.max(...['main-on', 'unlocked', 'cover-on'].map((is) => last(before, is)));
          const { placeId } = states[i]!.tasks[0]!;
          const measured = (id: string) =>
            before.flatMap((one, at) =>
              one.is === 'measured' && one.id === id && at > alive ? [{ ...one, at }] : [],
            );
          const keys = (id: string) => new Set(measured(id).map(({ pole, to }) => `${pole} ${to}`)).size;
          expect([keys('main'), keys(placeId)]).toEqual([5, 2]);
          const lastMeasure = last(before, 'measured');
          const proofs = before.flatMap((one, at) =>
            one.is === 'tester-proved' ? [{ at, volts: one.volts }] : [],
          );
          expect(proofs.at(-1)!.at).toBeGreaterThan(lastMeasure);
          expect(proofs.at(-1)!.volts).toBeGreaterThan(90);
          expect(proofs.some(({ at, volts }) => at < lastMeasure && volts > 90)).toBe(true);
        });
      }),
    );
  });

  test('from everywhere there is a finite way to the cover on and out', () => {
    fc.assert(
      fc.property(wanderings, (wanted) => {
        const { states } = wander(wanted);
        let state = states.at(-1)!;
        if (state.finished || state.gates.abandoned) return;
        if (!state.gates.coverOn) state = workOn(small, state, { is: 'cover-on' })!;
        expect(workOn(small, state, { is: 'abandoned' })).not.toBeNull();
      }),
    );
  });

  test('what is next is always allowed, in one way at least', () => {
    fc.assert(
      fc.property(wanderings, (wanted) => {
        const { states } = wander(wanted);
        for (const state of states)
          expect(answersTo(small, state).length > 0).toBe(nextOf(small, state).kind !== 'end');
      }),
      { numRuns: 60 },
    );
  });
});
