import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import type {
  Breaker,
  BreakerEvent,
  DeadMark,
  Entries,
  Load,
  Reading,
  TroubleCase,
} from '../../record/entities/index.ts';
import { countsFrom, countsSince, meterPointsOf, resetOutcome } from '../evidence/index.ts';
import { BARE } from './stepTests.ts';
import { DEFAULT_POLICIES, type Policies } from '../../record/settings/index.ts';
import {
  aBreaker,
  aCircuit,
  aLoad,
  anEvent,
  anObservation,
  aReading,
  aTroubleCase,
  uuid,
  aPanel,
} from '../../testing/index.ts';
import { COMPLAINTS, PROFILE_LEVEL, TESTS, type Profile, type TestId } from '../../facts/vocabulary/index.ts';
import {
  caseEvidence,
  findBreaker,
  handOverOf,
  lookAtCase,
  testsOf,
  type CaseRecord,
  type CaseView,
  type Suspect,
} from './index.ts';

const OPENED = '2026-10-01T12:00:00.000Z';
const after = (n: number) => new Date(Date.parse(OPENED) + n * 60_000).toISOString();

const aCase = (change: Partial<TroubleCase> = {}): TroubleCase =>
  aTroubleCase({ panelId: uuid(900), breakerId: uuid(1), openedAt: OPENED, ...change });

interface Parts {
  about?: Partial<TroubleCase>;
  breaker?: Partial<Breaker>;
  loads?: Load[];
  readings?: Reading[];
  events?: BreakerEvent[];
  observations?: [test: TestId, outcome: string, at?: string][];
  policies?: Policies;
  since?: string | null;
}

/** A case about one breaker. */
function aCaseFile({
  about,
  breaker,
  loads = [],
  readings = [],
  events = [],
  observations = [],
  policies,
  since,
}: Parts = {}): CaseRecord {
  const looks = observations.map(([name, outcome, at], i) => ({
    ...anObservation(name, outcome, i),
    ...(at !== undefined && { at, loggedAt: at }),
    id: uuid(8000 + i),
    caseId: uuid(7000),
  }));
  const panel = aPanel({ createdAt: OPENED });
  return {
    case: aCase(about),
    site: { id: uuid(7001), name: 'Home', note: '', zone: null, createdAt: OPENED, demo: false, version: 0 },
    panel,
    policies: policies ?? DEFAULT_POLICIES,
    learned: null,
    dossier: {
      panel,
      policies: policies ?? DEFAULT_POLICIES,
      subject: {
        breaker: aBreaker(breaker),
        circuit: aCircuit({ loads }),
        entries: { readings, events, observations: looks },
        since: since === undefined ? countsFrom(OPENED, null) : since,
      },
      main: null,
      others: [],
      curves: [],
      learned: null,
    },
    main: null,
    others: [],
    partGone: false,
    log: [
      ...looks.map((entry) => ({ kind: 'observations' as const, breakerId: uuid(1), entry })),
      ...readings.map((entry) => ({ kind: 'readings' as const, breakerId: uuid(1), entry })),
      ...events.map((entry) => ({ kind: 'events' as const, breakerId: uuid(1), entry })),
    ],
    decision: null,
  };
}

const SENSES: [TestId, string][] = [
  ['sound', 'quiet'],
  ['smell', 'none'],
  ['water-signs', 'dry'],
  ['panel-touch', 'cool'],
  ['light-behaviour', 'steady'],
];

/** A reset of the case, at a minute after the complaint. */
const aReset = (n: number, change: Partial<BreakerEvent>): BreakerEvent => ({
  ...anEvent('reset', n, change),
  id: uuid(9000 + n),
  caseId: uuid(7000),
  at: after(n),
  loggedAt: after(n),
});

/** A figure of the case, at a minute after the complaint. */
const aFigure = (n: number, ...[quantity, point, value]: Parameters<typeof aReading>): Reading => ({
  ...aReading(quantity, point, value),
  id: uuid(20_000 + n),
  caseId: uuid(7000),
  at: after(n),
  loggedAt: after(n),
});

describe('what is next in a case', () => {
  test('the senses come before any hand', () => {
    const { step } = lookAtCase(aCaseFile(), 'homeowner');
    expect(step).toEqual({ kind: 'looks', spot: 'senses', tests: SENSES.map(([name]) => name) });
  });

  test('a danger sign stops it, for whoever asks', () => {
    for (const profile of ['homeowner', 'electrician'] as const) {
      const view = lookAtCase(aCaseFile({ observations: [['smell', 'hot-plastic']] }), profile);
      expect(view.step.kind).toBe('stop');
      expect(view.decision.family).not.toBe('reset');
    }
  });

  test('while the breaker is not known it is looked for; half a house is not one breaker', () => {
    const file = { ...aCaseFile({ about: { breakerId: null } }), dossier: null };
    const answered = (more: [TestId, string][] = []): CaseRecord => ({
      ...file,
      case: aCase({
        breakerId: null,
        complaint: 'dead',
        answers: [...SENSES, ...more].map(([name, outcome], i) => ({
          id: uuid(i),
          test: name,
          outcome,
          at: after(i),
          note: '',
          simulated: false,
          takenBackAt: null,
        })),
      }),
    });
    expect(lookAtCase(answered(), 'homeowner').step.kind).toBe('find');
    expect(lookAtCase(answered([['power-loss-extent', 'half-the-house']]), 'homeowner').step.kind).not.toBe(
      'find',
    );
    expect(lookAtCase({ ...answered(), panel: null }, 'homeowner').step.kind).toBe('ask');
  });

  test('while it is not known, a danger at the main stops all the same; what was once measured there says nothing', () => {
    const unknown = { ...aCaseFile({ about: { breakerId: null } }), dossier: null };
    const main = (parts: Partial<Entries>) => ({
      breaker: aBreaker({ role: 'main', space: null }),
      circuit: null,
      entries: { readings: [], events: [], observations: [], ...parts },
    });
    const wet = main({ observations: [anObservation('water-signs', 'wet-now', -90_000)] });
    const view = lookAtCase({ ...unknown, main: wet }, 'homeowner');
    expect([view.step.kind, view.decision.stop.isElsewhere]).toEqual(['stop', true]);
    const branch = {
      ...main({ observations: [anObservation('sound', 'sizzle-or-crackle', -90_000)] }),
      breaker: aBreaker({ id: uuid(3), space: 4 }),
    };
    const heard = lookAtCase({ ...unknown, others: [branch] }, 'homeowner');
    expect([heard.step.kind, heard.decision.stop.isElsewhere]).toEqual(['stop', true]);
    expect(heard.decision.stop.reasons.join(' ')).toMatch(/At space 4/);
    const legs = (['leg-a', 'leg-b'] as const).map((point) => aReading('voltage', point, 0, -90_000));
    const old = lookAtCase({ ...unknown, main: main({ readings: legs }) }, 'homeowner');
    expect(old.items).toEqual([]);
  });

  test('what was put aside is not asked again, and an answer taken back is', () => {
    const file = aCaseFile({ observations: SENSES });
    const first = lookAtCase(file, 'homeowner').step;
    const asked = testsOf(first);
    expect(asked.length).toBeGreaterThan(0);
    const passed = asked.map((name) => ({ test: name, why: 'unsure' as const, at: after(1) }));
    const aside = { ...file, case: aCase({ passed }) };
    expect(lookAtCase(aside, 'homeowner').step).not.toEqual(first);
    expect(lookAtCase(file, 'homeowner').step).toEqual(first);
  });

  describe('a danger that only the simulated stand-in told of', () => {
    const hot = { ...anObservation('smell', 'hot-plastic', 3), id: uuid(31), simulated: true };
    const quiet = { ...anObservation('sound', 'quiet', 3), id: uuid(32), simulated: true };
    const seen = { ...anObservation('sound', 'sizzle-or-crackle', 4), id: uuid(33) };
    const toldAtMain = (observations: (typeof hot)[], demo = true): CaseRecord => {
      const file = aCaseFile({ observations: SENSES });
      const breaker = aBreaker({ id: uuid(50), role: 'main', space: null, poles: 2 });
      const main = { breaker, circuit: null, entries: { readings: [], events: [], observations } };
      return { ...file, site: { ...file.site, demo }, dossier: { ...file.dossier!, main } };
    };
    const look = (file: CaseRecord) => lookAtCase(file, 'homeowner');

    test('can be taken back, and nothing else with it', () => {
      const view = look(toldAtMain([hot, quiet]));
      expect([view.step.kind, view.standInTold]).toEqual(['stop', [{ kind: 'observations', id: hot.id }]]);
      expect(look(toldAtMain([quiet])).step.kind).not.toBe('stop');
    });

    test('but not where anybody else told of danger too, where it is no demo, or where nothing stops it', () => {
      expect(look(toldAtMain([hot, seen])).standInTold).toEqual([]);
      expect(look(toldAtMain([hot], false)).standInTold).toEqual([]);
      expect(look(toldAtMain([quiet])).standInTold).toEqual([]);
    });
  });

  test('a bare trial that was put aside is due once a reset has snapped', () => {
    const about = { passed: [{ test: 'reset-result-unplugged', why: 'unsure', at: after(1) }] } as const;
    const snap = (minute: number) => [
      aReset(minute, { feel: 'clean-clicks', result: 'tripped', pace: 'at-once', connected: null }),
    ];
    const step = (events: BreakerEvent[]) =>
      lookAtCase(
        aCaseFile({ about: { passed: [...about.passed] }, observations: SENSES, events }),
        'homeowner',
      ).step;
    expect(step(snap(5))).toEqual({ kind: 'reset', unplugged: true });
    expect(step(snap(0))).not.toEqual({ kind: 'reset', unplugged: true });
  });

  test('at the policy’s limit no further reset is asked for', () => {
    const failed = [1, 2, 3].map((n) =>
      aReset(n, { feel: 'clean-clicks', result: 'tripped', pace: 'at-once', connected: null }),
    );
    const view = lookAtCase(aCaseFile({ observations: SENSES, events: failed }), 'homeowner');
    expect(['reset', 'isolate']).not.toContain(view.step.kind);
  });

  test('nor beside a joint that needs work', () => {
    const file = aCaseFile({ observations: [...SENSES, ['terminal-inspection', 'discoloured-or-melted']] });
    const view = lookAtCase(file, 'electrician');
    expect(view.mayReset).toBe(false);
    expect(view.step.kind).not.toBe('reset');
  });

  test('a closed case is told, its danger with it, and stops nobody any more', () => {
    const file = aCaseFile({ observations: [['smell', 'hot-plastic']] });
    const decision = lookAtCase(file, 'homeowner').decision;
    const closed = { ...file, decision, case: aCase({ closedAt: after(9), outcome: 'handed-over' }) };
    const view = lookAtCase(closed, 'homeowner');
    expect([view.step.kind, view.decision.stop.active]).toEqual(['decided', true]);
  });

  const outcomeFor = (name: TestId, pick: number) => {
    const { outcomes, danger = [] } = TESTS[name] as {
      outcomes: readonly string[];
      danger?: readonly string[];
    };
    const harmless = outcomes.filter((outcome) => !danger.includes(outcome));
    return harmless[pick % harmless.length]!;
  };

  /** As it is, as often as the policy allows; bare; and once more when what it needs was put right. */
  const MOST_RESETS = 5;

  interface Subject {
    kind: Breaker['kind'];
    complaint: TroubleCase['complaint'];
    /** Whether the breaker is drawn; where nothing is drawn, all is told as answers. */
    drawn: boolean;
  }

  /** What is told of a test where no breaker is drawn. */
  const anAnswer = (n: number, name: TestId, outcome: string) => ({
    id: uuid(30_000 + n),
    test: name,
    outcome,
    at: after(n),
    note: '',
    simulated: false,
    takenBackAt: null,
  });

  /** Follow a case to its end, answering, or putting aside, as the picks say; nothing is asked twice running. */
  function follow(profile: Profile, picks: number[], { kind, complaint, drawn }: Subject): CaseView[] {
    const views: CaseView[] = [];
    const observations: [test: TestId, outcome: string, at: string][] = [];
    const events: BreakerEvent[] = [];
    const readings: Reading[] = [];
    const passed: TroubleCase['passed'] = [];
    let gone: CaseView['step'] | null = null;
    for (let turn = 0; turn < 60; turn++) {
      const about = { complaint, passed };
      const known = aCaseFile({ about, observations, readings, events, loads, breaker: { kind } });
      const answers = observations.map(([name, outcome], i) => anAnswer(i, name, outcome));
      const told = { ...known.case, panelId: null, breakerId: null, answers };
      const view = lookAtCase(
        drawn ? known : { ...known, case: told, panel: null, dossier: null, log: [] },
        profile,
      );
      const { step } = view;
      const at = after(turn + 1);
      expect(step).not.toEqual(gone);
      views.push(view);
      const pick = picks[turn % picks.length]!;
      const aside = pick % 5 === 0 ? testsOf(step) : [];
      gone = aside.length > 0 || step.kind === 'ask' ? step : null;
      const points = drawn && step.kind === 'ask' && pick % 3 > 0 ? meterPointsOf(step.test, 1) : [];
      if (aside.length > 0)
        passed.push(...aside.map((name) => ({ test: name, why: 'skip' as const, at: after(turn) })));
      else if (step.kind === 'looks')
        step.tests.forEach((name) => observations.push([name, outcomeFor(name, 0), at]));
      else if (points.length > 0)
        for (const { quantity, point } of points)
          readings.push(aFigure(turn + 1, quantity, point, quantity === 'voltage' ? 7 * (pick % 18) : pick));
      else if (drawn && step.kind === 'ask' && step.test === 'trip-vs-curve')
        events.push({ ...aReset(turn + 1, { amps: 10 + pick, afterSeconds: 60 * pick + 1 }), kind: 'trip' });
      else if (step.kind === 'ask') observations.push([step.test, outcomeFor(step.test, pick), at]);
      else if (step.kind === 'reset' || step.kind === 'isolate') {
        const bare = step.kind === 'reset' && step.unplugged;
        const connected = step.kind === 'isolate' ? view.isolation!.connect! : bare ? [] : null;
        const latches = step.kind === 'isolate' || pick % 7 > 2;
        const tripped = latches && pick % 2 === 0;
        const pace = tripped ? (pick % 4 === 0 ? 'at-once' : 'minutes') : null;
        const power =
          complaint === 'dead' && !tripped && !bare ? (pick % 3 > 0 ? 'restored' : 'still-dead') : null;
        const feel = latches ? 'clean-clicks' : 'will-not-latch';
        if (!drawn) {
          observations.push(['reset-feel', feel, at]);
          if (latches) observations.push([bare ? BARE : 'reset-result', resetOutcome(pace, bare), at]);
          if (latches && power !== null) observations.push(['power-after-reset', power, at]);
        }
        const held = tripped ? ('tripped' as const) : ('holds' as const);
        const unplugged = connected?.length === 0;
        events.push(
          aReset(turn + 1, {
            feel,
            result: latches ? held : null,
            pace,
            power: latches ? power : null,
            unplugged,
            connected,
          }),
        );
      } else return views;
    }
    throw new Error('The case never came to an end.');
  }
  const loads = ['Kettle', 'Toaster', 'Lamp'].map((name, i) =>
    aLoad({ id: uuid(600 + i), name, watts: 1200 - 500 * i }),
  );

  test('law: every case ends; nothing is asked twice running; a homeowner is never asked for what lies behind the cover', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Profile>('homeowner', 'electrician'),
        fc.array(fc.nat(40), { minLength: 8, maxLength: 20 }),
        fc.record<Subject>({
          kind: fc.constantFrom('standard', 'gfci'),
          complaint: fc.constantFrom(...COMPLAINTS),
          drawn: fc.boolean(),
        }),
        (profile, picks, subject) => {
          const views = follow(profile, picks, subject);
          for (const { step, others } of views) {
            const asked = [...(step.kind === 'ask' ? [step.test] : []), ...others];
            for (const name of asked) expect(TESTS[name].level).toBeLessThanOrEqual(PROFILE_LEVEL[profile]);
          }
          const kinds = views.map(({ step }) => step.kind);
          const handled = kinds.findIndex((kind) => kind === 'reset' || kind === 'isolate');
          if (handled >= 0) expect(kinds.slice(0, handled)).toContain('looks');
          expect(['stop', 'electrician', 'decided']).toContain(kinds.at(-1));
          expect(views.filter(({ step }) => step.kind === 'reset').length).toBeLessThanOrEqual(
            subject.drawn ? MOST_RESETS : 3,
          );
        },
      ),
      // Once it asked for the line side again and again, though it had been told.
      {
        numRuns: 60,
        examples: [
          [
            'electrician',
            [6, 7, 21, 2, 16, 4, 23, 1, 31, 18, 29],
            { kind: 'standard', complaint: 'trips', drawn: true },
          ],
          // Once it asked again what was dead when an outlet had power.
          ['homeowner', [0, 3, 0, 16, 16, 0, 0, 0], { kind: 'standard', complaint: 'dead', drawn: true }],
          [
            'homeowner',
            [0, 18, 1, 0, 31, 0, 39, 0, 0, 0, 0, 0, 0],
            { kind: 'standard', complaint: 'dead', drawn: true },
          ],
        ],
      },
    );
  });

  test('what told of an earlier moment does not count in a later case, and a danger does', () => {
    const file = aCaseFile({
      observations: [
        ['power-loss-extent', 'one-circuit'],
        ['sound', 'sizzle-or-crackle'],
        ['panel-age', 'over-40-years'],
      ],
      since: '2026-11-20T00:00:00.000Z',
    });
    const tests = caseEvidence(file).items.map((item) => item.test);
    expect(tests).toEqual(expect.arrayContaining(['sound', 'panel-age']));
    expect(tests).not.toContain('power-loss-extent');
  });

  test('nothing of a case that was closed before counts in the next', () => {
    expect(countsFrom('2026-11-25T12:00:00.000Z', '2026-11-25T11:00:00.000Z')).toBe(
      '2026-11-25T11:00:00.000Z',
    );
    expect(countsFrom('2026-11-25T12:00:00.000Z', '2026-11-01T11:00:00.000Z')).toBe(
      '2026-11-25T00:00:00.000Z',
    );
  });

  test('once all is put right what was found then is over; handed over, or given up, it is not', () => {
    const ended = (outcome: TroubleCase['outcome'], closedAt = '2026-11-20T00:00:00.000Z') => ({
      openedAt: '2026-11-19T00:00:00.000Z',
      closedAt,
      outcome,
    });
    expect(countsSince([ended('repaired-elsewhere')])).toBe('2026-11-20T00:00:00.000Z');
    expect(countsSince([ended('handed-over')])).toBeNull();
    expect(countsSince([])).toBeNull();
    // What came after the last good end counts, however that one ended.
    expect(countsSince([ended('not-found', '2026-11-24T00:00:00.000Z'), ended('replaced')])).toBe(
      '2026-11-20T00:00:00.000Z',
    );
    const open = { openedAt: '2026-11-25T12:00:00.000Z', closedAt: null, outcome: null };
    expect(countsSince([open, ended('replaced')])).toBe('2026-11-25T00:00:00.000Z');
  });
});

describe('isolation', () => {
  const snapped = [
    aReset(1, { feel: 'clean-clicks', result: 'tripped', pace: 'at-once' }),
    aReset(2, { feel: 'clean-clicks', result: 'holds', unplugged: true, connected: [] }),
  ];

  test('law: told the truth, it finds the faulty thing, and trips no oftener than the policy allows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 7 }), fc.nat(6), fc.constantFrom(1, 2, 3), (count, at, trips) => {
        const loads = Array.from({ length: count }, (_, i) =>
          aLoad({ id: uuid(600 + i), name: `Load ${i}`, watts: 100 + 400 * (i % 4) }),
        );
        const faulty = loads[at % count]!.name;
        const policies = { ...DEFAULT_POLICIES, trialsIntoShort: trips };
        const events = [...snapped];
        for (let turn = 3; ; turn++) {
          const { step, isolation } = lookAtCase(
            aCaseFile({ observations: SENSES, events, loads, policies }),
            'homeowner',
          );
          if (isolation!.found) {
            expect(isolation!.found.name).toBe(faulty);
            break;
          }
          expect(step.kind).toBe('isolate');
          const connected = isolation!.connect!;
          const tripped = connected.includes(faulty);
          events.push(
            aReset(turn, {
              result: tripped ? 'tripped' : 'holds',
              pace: tripped ? 'at-once' : null,
              unplugged: connected.length === 0,
              connected,
            }),
          );
          expect(turn).toBeLessThan(20);
        }
        const tripping = events.slice(2).filter(({ result }) => result === 'tripped');
        expect(tripping.length).toBeLessThanOrEqual(trips);
      }),
      { numRuns: 40 },
    );
  });

  test('where it never snapped with its loads, nothing says that one of them is faulty', () => {
    const file = aCaseFile({
      observations: SENSES,
      events: snapped.slice(1),
      loads: [aLoad({ name: 'Kettle' })],
    });
    expect(lookAtCase(file, 'homeowner').isolation).toBeNull();
  });

  test('trials that do not fit together are told as such', () => {
    const loads = ['Kettle', 'Lamp'].map((name, i) => aLoad({ id: uuid(600 + i), name }));
    const events = [
      ...snapped,
      aReset(3, { result: 'holds', connected: ['Kettle'] }),
      aReset(4, { result: 'holds', connected: ['Lamp'] }),
    ];
    const { isolation, step } = lookAtCase(aCaseFile({ observations: SENSES, events, loads }), 'homeowner');
    expect(isolation).toMatchObject({ contradiction: true, found: null, connect: null });
    expect(step.kind).not.toBe('isolate');
  });

  test('what heats or turns is suspected before what only lights', () => {
    const loads = [aLoad({ name: 'Lamp' }), aLoad({ id: uuid(601), name: 'Iron', watts: 1800 })];
    const { isolation } = lookAtCase(
      aCaseFile({ observations: SENSES, events: snapped, loads }),
      'homeowner',
    );
    expect(isolation!.chances.map(({ name }) => name)).toEqual(['Iron', 'Lamp']);
  });

  test('what it finds is a reason of the decision', () => {
    const loads = ['Kettle', 'Lamp'].map((name, i) => aLoad({ id: uuid(600 + i), name }));
    const events = [...snapped, aReset(3, { result: 'tripped', pace: 'at-once', connected: ['Kettle'] })];
    const { decision } = lookAtCase(aCaseFile({ observations: SENSES, events, loads }), 'homeowner');
    expect(decision.action).toBe('repair-appliance');
    expect(decision.reasons.map(({ text }) => text)).toContain(
      'Isolated: the breaker trips with “Kettle” connected and holds without it.',
    );
  });
});

describe('finding the breaker', () => {
  const suspect = (n: number, label: string | null, change: Partial<Suspect> = {}): Suspect => ({
    breakerId: uuid(n),
    panelId: uuid(900),
    panelName: 'Main panel',
    place: `${n}`,
    label,
    loads: [],
    places: [],
    role: 'branch',
    kind: 'standard',
    handle: 'on',
    share: null,
    trips: 0,
    ...change,
  });
  const panel = [
    suspect(1, 'Apartment: kitchen counter', { loads: ['Kettle', 'Toaster'] }),
    suspect(2, 'Apartment: bedrooms', { loads: ['Lamps'] }),
    suspect(3, null),
    suspect(4, 'Bath', { loads: ['Towel warmer'] }),
    suspect(5, 'Range'),
  ];

  test('what a breaker was found to feed when the house was mapped points to it, though it has no name', () => {
    const mapped = [...panel.slice(0, 2), suspect(3, null, { places: ['Attic: fan', 'Attic: lamp'] })];
    expect(findBreaker(mapped, 'attic fan dead', [])[0]!.breakerId).toBe(uuid(3));
    const marks = [{ name: 'Attic: lamp', dead: true }];
    expect(findBreaker(mapped, 'no power', marks)[0]!.breakerId).toBe(uuid(3));
  });

  test.each([
    ['the kitchen', 1],
    ['apartment kichen is dead', 1],
    ['bedrom', 2],
    ['the shower', 4],
    ['stove', 5],
    ['toaster', 1],
  ])('“%s” is breaker %i', (words, n) => {
    expect(findBreaker(panel, words, [])[0]!.breakerId).toBe(uuid(n));
  });

  test('with nothing said the one that stood tripped comes first', () => {
    const list = [...panel, suspect(6, 'Yard', { handle: 'tripped' })];
    expect(findBreaker(list, '', [])[0]!.breakerId).toBe(uuid(6));
  });

  test('what was named outweighs a handle elsewhere', () => {
    const list = [...panel, suspect(6, 'Flat: hall', { handle: 'tripped', trips: 4 })];
    const named: DeadMark[] = [{ name: 'Apartment: bedrooms', dead: true }];
    expect(findBreaker(list, 'Apartment: bedrooms', named)[0]!.breakerId).toBe(uuid(2));
  });

  test('laws: the chances sum to 1, none is ruled out, and a dead thing speaks for its breaker', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 30 }),
        fc.constantFrom('Kettle', 'Lamps', 'Towel warmer'),
        (words, name) => {
          const before = findBreaker(panel, words, []);
          const then = findBreaker(panel, words, [{ name, dead: true }]);
          expect(before.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
          for (const { chance } of then) expect(chance).toBeGreaterThan(0);
          const owner = panel.find(({ loads }) => loads.includes(name))!.breakerId;
          const chanceOf = (list: typeof before) => list.find(({ breakerId }) => breakerId === owner)!.chance;
          expect(chanceOf(then)).toBeGreaterThan(chanceOf(before));
        },
      ),
    );
  });
});

describe('the hand-over card', () => {
  test('tells what was tried and found, and what not to do', () => {
    const card = handOverOf(
      aCaseFile({
        observations: SENSES,
        events: [aReset(1, { feel: 'clean-clicks', result: 'tripped', pace: 'at-once' })],
        about: { words: 'the kitchen', passed: [{ test: 'trip-pattern', why: 'unsure', at: after(2) }] },
      }),
    );
    expect(card.tried.map(({ text }) => text)).toEqual([
      'Reset: it tripped again immediately. It clicks cleanly, fully off and back on.',
    ]);
    expect(card.found.map(({ text }) => text)).toContain('It is quiet.');
    expect(card.notAnswered).toEqual(['When it trips']);
    expect(card.doNot[0]).toMatch(/^Do not reset it again/);
    expect(card.doNot).toContain('Do not open the panel cover. Only a qualified person may.');
    expect(card.decision.confidence).toBeNull();
  });

  test('a danger is told first', () => {
    const card = handOverOf(aCaseFile({ observations: [['panel-touch', 'hot']] }));
    expect(card.stop).not.toEqual([]);
    expect(card.doNot[0]).toBe('Do not turn it on, even for important loads.');
    // Nothing tripped, so nothing is said of resets.
    expect(card.doNot.join()).not.toMatch(/reset/);
  });

  test('what was found and needs work is not switched on before', () => {
    const card = handOverOf(aCaseFile({ observations: [...SENSES, ['terminal-inspection', 'loose']] }));
    expect(card.stop).toEqual([]);
    expect(card.doNot[0]).toBe('Do not turn it on until the fault is repaired.');
  });
});

describe('the note card', () => {
  const steady = (...readings: Reading[]) =>
    lookAtCase(
      aCaseFile({
        about: {
          complaint: 'lights',
          passed: (Object.keys(TESTS) as TestId[]).map((test) => ({ test, why: 'unsure', at: after(5) })),
        },
        observations: [
          ...SENSES,
          ['power-loss-extent', 'none'],
          ['handle-finger-test', 'firm'],
          ['recent-change', 'none'],
        ],
        readings,
      }),
      'homeowner',
    ).noteCard;
  const atTerminal = (value: number, at: string) =>
    aReading('voltage', 'load-terminal', value, 0, { at, id: uuid(9000 + Math.round(value)) });

  test('tells what was found before the case, is no sign of health and was not looked at since', () => {
    const before = after(-3 * 24 * 60);
    expect(steady()?.before).toEqual([]);
    expect(steady(atTerminal(0.3, before))?.before).toMatchObject([
      { test: 'load-terminal-voltage', outcome: 'zero', at: before },
    ]);
    expect(steady(atTerminal(119.8, before))?.before).toEqual([]);
    expect(steady(atTerminal(0.3, before), atTerminal(119.8, after(3)))?.before).toEqual([]);
  });
});
