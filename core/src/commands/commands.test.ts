import { describe, expect, test } from '@jest/globals';
import type { CaseRecord } from '../diagnosis/cases/index.ts';
import { DEFAULT_POLICIES } from '../record/settings/index.ts';
import { aBreaker, aCircuit, uuid } from '../testing/index.ts';
import { breakerWithSent, COMMANDS, isInCase, sentTo, withSent, type SentCommand } from './index.ts';

const at = '2026-11-25T10:00:00.000Z';
const caseId = uuid(1000);

const aCase = (known: boolean): CaseRecord =>
  ({
    case: {
      id: caseId,
      breakerId: known ? uuid(1) : null,
      answers: [],
      passed: [],
      marks: [],
      candidates: null,
    },
    policies: DEFAULT_POLICIES,
    dossier: known
      ? {
          subject: {
            breaker: aBreaker(),
            circuit: null,
            entries: { readings: [], events: [], observations: [] },
          },
        }
      : null,
    log: [],
  }) as unknown as CaseRecord;

const ofCase = (command: string, body: object, params: object = {}): SentCommand => ({
  command,
  params: { id: caseId, ...params },
  body,
});
const ofBreaker = (command: string, body: object): SentCommand => ({
  command,
  params: { id: uuid(1) },
  body,
});
const quiet = (id = uuid(50)) =>
  ofCase('answer-case', { answers: [{ id, test: 'sound', outcome: 'quiet', at }] });

describe('every command', () => {
  test('has a name and an address of its own', () => {
    const all = [...COMMANDS.values()];
    expect(new Set(all.map(({ method, path }) => `${method} ${path}`)).size).toBe(all.length);
    for (const { id } of all) expect(id).toMatch(/^[a-z]+(-[a-z]+)+$/);
  });

  test.each([...COMMANDS.values()].map(({ id }) => [id] as const))(
    '%s: its address leads back to it',
    (id) => {
      const { method, path } = COMMANDS.get(id)!;
      const names = [...path.matchAll(/:(\w+)/g)].map(([, name], i) => [name!, uuid(i + 1)] as const);
      const params = Object.fromEntries(names);
      const to = path.replace(/:(\w+)/g, (_, name: string) => params[name]!);
      expect(sentTo(method, to)).toEqual({ command: id, params });
    },
  );

  test('no address is known by chance', () => {
    expect(sentTo('POST', '/breakers/1/2/notes')).toBeNull();
  });
});

describe('who may', () => {
  const told = (id: string, body: unknown) => {
    const { refuses, body: schema } = COMMANDS.get(id)!;
    const parsed = schema!.parse(body) as undefined;
    return [refuses?.('homeowner', parsed) ?? null, refuses?.('electrician', parsed) ?? null];
  };
  const reading = (point: string) => ({ readings: [{ quantity: 'voltage', point, value: 120, at }] });

  test.each<[what: string, command: string, body: object, may: boolean]>([
    ['volts at the outlet', 'log-readings', reading('outlet'), true],
    ['volts behind the cover', 'log-readings', reading('leg-a'), false],
    ['a look at the handle', 'log-observation', { test: 'handle-position', outcome: 'on', at }, true],
    ['a look behind the cover', 'log-observation', { test: 'stab-inspection', outcome: 'clean', at }, false],
    [
      'an answer about a terminal',
      'answer-case',
      { answers: [{ test: 'terminal-inspection', outcome: 'loose', at }] },
      false,
    ],
    [
      'which color the conductor has',
      'log-inspection',
      { kind: 'conductor-marking', found: { conductors: [{ color: 'black' }] }, at },
      false,
    ],
    ['a strike', 'strike-readings', { why: 'Wrong.' }, true],
    [
      'a figure from behind the cover, in the place of another',
      'strike-readings',
      { why: 'Wrong.', replacement: { quantity: 'voltage', point: 'leg-a', value: 121, at } },
      false,
    ],
    [
      'a look behind the cover, in the place of another',
      'strike-observations',
      { why: 'Wrong.', replacement: { test: 'stab-inspection', outcome: 'clean', at } },
      false,
    ],
  ])('%s', (_what, command, body, may) => {
    const [homeowner, electrician] = told(command, body);
    expect(homeowner === null).toBe(may);
    expect(electrician).toBeNull();
  });
});

describe('a case while the server is gone', () => {
  test('an answer counts at once: in the breaker’s log, or in the case while that is not known', () => {
    const known = withSent(aCase(true), [quiet()]);
    expect(known.dossier!.subject.entries.observations).toMatchObject([
      { test: 'sound', outcome: 'quiet', caseId, struck: null, note: '', simulated: false },
    ]);
    expect(known.log).toHaveLength(1);
    const unknown = withSent(aCase(false), [quiet()]);
    expect(unknown.case.answers).toMatchObject([{ test: 'sound', takenBackAt: null }]);
    const takenBack = ofCase('take-back-answer', {}, { answer: uuid(50) });
    expect(withSent(unknown, [takenBack]).case.answers).toMatchObject([{ takenBackAt: at }]);
  });

  test('what was stored meanwhile is not there twice', () => {
    const once = withSent(aCase(true), [quiet()]);
    expect(withSent(once, [quiet()])).toEqual(once);
  });

  test('resets, readings, questions put aside and taken up again', () => {
    const reset = ofBreaker('log-event', { id: uuid(60), kind: 'reset', result: 'holds', at, caseId });
    const reading = ofBreaker('log-readings', {
      readings: [{ id: uuid(61), quantity: 'voltage', point: 'outlet', value: 119, at, caseId }],
    });
    const aside = ofCase('pass-in-case', { tests: ['smell', 'sound'], why: 'cannot', at });
    const again = ofCase('pass-in-case', { tests: ['smell'], why: null, at });
    const record = withSent(aCase(true), [reset, reading, aside, again]);
    const { events, readings } = record.dossier!.subject.entries;
    expect(events).toMatchObject([{ kind: 'reset', result: 'holds', unplugged: false, connected: null }]);
    expect(readings).toMatchObject([{ value: 119, unit: 'V', instrument: 'unknown' }]);
    expect(record.case.passed).toEqual([{ test: 'sound', why: 'cannot', at }]);
  });

  test('an entry that is struck no longer counts', () => {
    const strike: SentCommand = {
      command: 'strike-observations',
      params: { id: uuid(50) },
      body: { why: 'Wrong.' },
    };
    const told = withSent(aCase(true), [quiet()]);
    expect(isInCase(strike, caseId, told)).toBe(true);
    expect(isInCase(strike, caseId, aCase(true))).toBe(false);
    const record = withSent(told, [strike]);
    expect(record.dossier!.subject.entries.observations).toMatchObject([{ struck: { why: 'Wrong.' } }]);
    expect(record.log).toMatchObject([{ entry: { struck: { why: 'Wrong.' } } }]);
  });

  test('what stands in its place counts at once', () => {
    const trip = (id: string, more: object) => ({ id, kind: 'trip', pace: 'minutes', at, caseId, ...more });
    const logged = withSent(aCase(true), [ofBreaker('log-event', trip(uuid(60), {}))]);
    const strike: SentCommand = {
      command: 'strike-events',
      params: { id: uuid(60) },
      body: { why: 'Load and time are known', replacement: trip(uuid(61), { amps: 17 }) },
    };
    const { events } = withSent(logged, [strike]).dossier!.subject.entries;
    expect(events.map(({ id, amps, struck }) => [id, amps, struck !== null])).toEqual([
      [uuid(60), null, true],
      [uuid(61), 17, false],
    ]);
  });

  test('what a closed case was, told while the server is gone', () => {
    const confirmed = { cause: 'overload', who: 'electrician', how: 'measured' } as const;
    const told = [ofCase('confirm-case', { confirmed })];
    expect(withSent(aCase(true), told).case.confirmed).toEqual(confirmed);
    const takenBack = [...told, ofCase('confirm-case', { confirmed: null })];
    expect(withSent(aCase(true), takenBack).case.confirmed).toBeNull();
  });

  test('what is drawn shows at once: a circuit and a breaker as they will be, the next edit made from them', () => {
    const breaker = aBreaker();
    const set: SentCommand = {
      command: 'set-circuit',
      params: { id: breaker.id },
      body: { label: 'Forge', loads: [{ name: 'Blower', volts: 120, watts: 300 }], version: 4 },
    };
    const change: SentCommand = {
      command: 'change-breaker',
      params: { id: breaker.id },
      body: { family: 'Kestle', version: breaker.version },
    };
    const circuit = aCircuit({ version: 4 });
    const detail = breakerWithSent({ breaker, circuit }, [set, change]);
    expect(detail.circuit).toMatchObject({ id: circuit.id, label: 'Forge', version: 5 });
    expect(detail.circuit!.loads).toMatchObject([{ name: 'Blower', watts: 300, continuous: false }]);
    expect(detail.breaker).toEqual({ ...breaker, family: 'Kestle', version: breaker.version + 1 });
    const entry = { breaker, label: 'Old name' };
    expect(breakerWithSent(entry, [set])).toEqual({ breaker, label: 'Forge' });
    const elsewhere = { ...set, params: { id: uuid(77) } };
    expect(breakerWithSent(entry, [elsewhere, { ...set, body: { label: '' } }])).toBe(entry);
    const first = { ...set, body: { ...set.body, version: 0 } };
    expect(breakerWithSent({ breaker, circuit: null }, [first]).circuit).toMatchObject({ version: 1 });
    // What the server has already, though its answer was lost, is not drawn on top of itself.
    const stored = { breaker, circuit: { ...circuit, label: 'Forge', version: 5 } };
    expect(breakerWithSent(stored, [set])).toEqual(stored);
  });

  test('another case’s are left out, and so is what no schema takes or nobody knows', () => {
    const others: SentCommand[] = [
      { ...quiet(), params: { id: uuid(2000) } },
      ofBreaker('log-event', { kind: 'trip', pace: 'minutes', at }),
      ofCase('answer-case', { answers: 'all' }),
      ofCase('paint-panel', {}),
    ];
    expect(withSent(aCase(true), others)).toEqual(aCase(true));
    for (const one of others) expect(isInCase(one, caseId, aCase(true))).toBe(false);
  });
});
