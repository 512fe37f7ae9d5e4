import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FACTS, visit, type Fact, type Visit, type VisitInput } from './index.ts';

const plan = {
  touched: [
    { id: '7', poles: 1 as const },
    { id: '10-12', poles: 2 as const },
  ],
  otherSources: ['solar'],
};
const ask = (facts: Fact[], change: Partial<VisitInput> = {}) => visit({ ...plan, ...change, facts });

const proved: Fact = { is: 'tester-proved', volts: 121 };
const OPENED: Fact[] = [
  { is: 'dressed' },
  proved,
  { is: 'handles-off' },
  { is: 'source-isolated', id: 'solar' },
  { is: 'main-off' },
  { is: 'locked' },
  { is: 'cover-off' },
];
const DEAD: Fact[] = ask(OPENED).toMeasure.map((one) => ({ is: 'measured', ...one, volts: 0.4 }));
const WORKED: Fact[] = [
  ...OPENED,
  ...DEAD,
  proved,
  { is: 'swapped', id: '7' },
  { is: 'swapped', id: '10-12' },
];
const CLOSED: Fact[] = [...WORKED, { is: 'cover-on' }, { is: 'unlocked' }, { is: 'main-on' }];

describe('a visit', () => {
  test('begins with clothing, and ends when all is swapped and gives what it should', () => {
    expect(ask([]).allowed).toEqual(['dressed', 'abandoned']);
    const end = ask([
      ...CLOSED,
      { is: 'handle-on', id: '7' },
      { is: 'verified', id: '7', volts: 120.2 },
      { is: 'handle-on', id: '10-12' },
      { is: 'verified', id: '10-12', volts: 119.8 },
    ]);
    expect(end).toMatchObject({
      refused: null,
      done: true,
      stop: { active: false, code: null, reasons: [] },
    });
  });

  test('the cover comes off once the tester is proved and every source is isolated', () => {
    const until = (count: number) => ask(OPENED.slice(0, count)).allowed;
    // Other sources go off before the main opens: a generator would start.
    expect(until(3)).toEqual(['tester-proved', 'source-isolated', 'abandoned']);
    expect(until(4)).toEqual(['tester-proved', 'main-off', 'abandoned']);
    expect(until(6)).toEqual(['tester-proved', 'cover-off', 'unlocked', 'abandoned']);
    const unproved = ask([...OPENED.slice(0, 6), { is: 'tester-proved', volts: 12 }]);
    expect(unproved.allowed).not.toContain('cover-off');
  });

  test('nothing may be touched before every pole was dead and the tester proved again', () => {
    expect(ask(OPENED).toMeasure).toHaveLength(5 + 2 + 5);
    expect(ask([...OPENED, ...DEAD]).mayTouch).toEqual([]);
    expect(ask([...OPENED, ...DEAD, proved]).mayTouch).toEqual(['7', '10-12']);
    expect(ask([...OPENED, ...DEAD.slice(1), proved]).mayTouch).toEqual([]);
    const ghost: Fact = { is: 'measured', id: '7', pole: 1, to: 'neutral', volts: 31 };
    expect(ask([...OPENED, ...DEAD, ghost, proved])).toMatchObject({
      mayTouch: [],
      toMeasure: [{ id: '7', pole: 1, to: 'neutral' }],
      stop: { active: false },
    });
    // Measured again under load, the later figure counts.
    expect(ask([...OPENED, ...DEAD, ghost, { ...ghost, volts: 0 }, proved]).mayTouch).toHaveLength(2);
  });

  test('what is live stops it: the cover on, then home', () => {
    const live = ask([...OPENED, { is: 'measured', id: 'main', pole: 2, to: 'ground', volts: 119 }]);
    expect(live).toMatchObject({ allowed: ['cover-on'], stop: { active: true, code: 'live' }, mayTouch: [] });
    const closed = ask([
      ...OPENED,
      { is: 'measured', id: 'main', pole: 2, to: 'ground', volts: 119 },
      { is: 'cover-on' },
    ]);
    expect(closed.allowed).toEqual(['abandoned']);
  });

  test.each([
    [109.9, 'verify'],
    [110, null],
    [127, null],
    [127.1, 'verify'],
  ])('%d V once it is on', (volts, code) => {
    const { stop } = ask([...CLOSED, { is: 'handle-on', id: '7' }, { is: 'verified', id: '7', volts }]);
    expect(stop.code).toBe(code);
  });

  test('a result that is wrong stops it', () => {
    const wrong = ask([...CLOSED, { is: 'handle-on', id: '7' }, { is: 'verified', id: '7', volts: 0 }]);
    expect(wrong).toMatchObject({ allowed: ['abandoned'], stop: { code: 'verify' }, done: false });
  });

  test('what closes voids what was measured', () => {
    const again = ask([...WORKED, { is: 'cover-on' }, { is: 'cover-off' }]);
    expect(again.toMeasure).toHaveLength(12);
    expect(again.mayTouch).toEqual([]);
  });

  test.each<[string, Fact[], number]>([
    ['before it is dressed', [proved], 0],
    ['dressed twice', [{ is: 'dressed' }, { is: 'dressed' }], 1],
    ['a source that is not there', [...OPENED.slice(0, 3), { is: 'source-isolated', id: 'wind' }], 3],
    ['the main before a source', [...OPENED.slice(0, 3), { is: 'main-off' }], 3],
    [
      'a pole that is not there',
      [...OPENED, { is: 'measured', id: '7', pole: 2, to: 'ground', volts: 0 }],
      7,
    ],
    ['one pole to another', [...OPENED, { is: 'measured', id: '7', pole: 1, to: 'other-pole', volts: 0 }], 7],
    ['swapped before it is dead', [...OPENED, { is: 'swapped', id: '7' }], 7],
    ['swapped twice', [...WORKED, { is: 'swapped', id: '7' }], WORKED.length],
    ['main on with the cover off', [...WORKED, { is: 'main-on' }], WORKED.length],
    ['on twice', [...CLOSED, { is: 'handle-on', id: '7' }, { is: 'handle-on', id: '7' }], CLOSED.length + 1],
    ['verified while off', [...CLOSED, { is: 'verified', id: '7', volts: 120 }], CLOSED.length],
    ['left with the cover off', [...OPENED, { is: 'abandoned' }], 7],
    ['after it was left', [{ is: 'abandoned' }, { is: 'dressed' }], 1],
  ])('refuses what comes too soon or twice: %s', (_name, facts, refused) => {
    const answer = ask(facts);
    expect(answer.refused).toBe(refused);
    // It and all after it do not count.
    expect(ask(facts.slice(0, refused))).toEqual({ ...answer, refused: null });
  });

  test('ids that stand twice, and the main as a place of work, are bad input', () => {
    expect(() => ask([], { touched: [{ id: 'main', poles: 1 }] })).toThrow(/main cannot be worked on/);
    expect(() => ask([], { otherSources: ['7'] })).toThrow(/used twice/);
  });
});

/** Anything that may be claimed, allowed or not. */
const anyFact: fc.Arbitrary<Fact> = fc.oneof(
  ...(
    ['dressed', 'handles-off', 'main-off', 'locked', 'cover-off', 'cover-on', 'unlocked', 'main-on'] as const
  ).map((is) => fc.constant<Fact>({ is })),
  fc.record({ is: fc.constant('tester-proved' as const), volts: fc.constantFrom(0, 120, 240) }),
  fc.constant<Fact>({ is: 'source-isolated', id: 'solar' }),
  fc.record({
    is: fc.constant('measured' as const),
    id: fc.constantFrom('main', '7'),
    pole: fc.constantFrom(1 as const, 2 as const),
    to: fc.constantFrom('neutral' as const, 'ground' as const, 'other-pole' as const),
    volts: fc.constantFrom(0, 0, 0, 0, 5, 120),
  }),
  fc.constant<Fact>({ is: 'swapped', id: '7' }),
  fc.constant<Fact>({ is: 'handle-on', id: '7' }),
  fc.record({ is: fc.constant('verified' as const), id: fc.constant('7'), volts: fc.constantFrom(0, 120) }),
);

/** A small visit as it should go, up to the cover back on. */
const SMALL = { touched: [{ id: '7', poles: 1 as const }], otherSources: ['solar'] };
const AS_IT_SHOULD: Fact[] = [
  ...OPENED,
  ...visit({ ...SMALL, facts: OPENED }).toMeasure.map((one): Fact => ({
    is: 'measured',
    ...one,
    volts: 0.2,
  })),
  proved,
  { is: 'swapped', id: '7' },
  { is: 'cover-on' },
];

/** So much of it as it should go, and then anything. */
const choices = fc
  .tuple(fc.nat(AS_IT_SHOULD.length), fc.array(anyFact, { maxLength: 60 }))
  .map(([begun, then]) => [...AS_IT_SHOULD.slice(0, begun), ...then]);

/** A walk that does what is allowed, and leaves out what is not. */
function walk(wanted: readonly Fact[]): { facts: Fact[]; states: Visit[] } {
  const facts: Fact[] = [];
  const states = [visit({ ...SMALL, facts })];
  for (const fact of wanted) {
    if (!states.at(-1)!.allowed.includes(fact.is)) continue;
    const next = visit({ ...SMALL, facts: [...facts, fact] });
    if (next.refused !== null) continue;
    facts.push(fact);
    states.push(next);
  }
  return { facts, states };
}

describe('laws', () => {
  test('nobody touches anything but behind a locked main, with the cover off, all dead and the tester proved', () => {
    fc.assert(
      fc.property(choices, (wanted) => {
        const { facts, states } = walk(wanted);
        states.forEach(({ mayTouch, toMeasure, stop, allowed }, i) => {
          if (stop.active) expect(allowed.length).toBe(1);
          if (mayTouch.length === 0) return;
          const names = facts.slice(0, i).map(({ is }) => is);
          expect([toMeasure, stop.active]).toEqual([[], false]);
          expect(names.lastIndexOf('locked')).toBeGreaterThan(names.lastIndexOf('main-on'));
          expect(names.lastIndexOf('cover-off')).toBeGreaterThan(names.lastIndexOf('cover-on'));
          expect(names.lastIndexOf('tester-proved')).toBeGreaterThan(names.lastIndexOf('measured'));
        });
      }),
    );
  });

  test('the walk as it should go comes to touching', () => {
    expect(walk(AS_IT_SHOULD).states.some(({ mayTouch }) => mayTouch.length > 0)).toBe(true);
  });

  test('there is always a way on or out', () => {
    fc.assert(
      fc.property(choices, (wanted) => {
        const { states } = walk(wanted);
        for (const { allowed } of states) expect(allowed.length).toBeGreaterThan(0);
        for (const { allowed } of states) expect(allowed).toEqual(FACTS.filter((is) => allowed.includes(is)));
      }),
    );
  });
});
