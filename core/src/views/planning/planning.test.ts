import { describe, expect, test } from '@jest/globals';
import { spacePlan } from '../../panel/spacePlan/index.ts';
import { sizingQuestion } from '../../record/entities/index.ts';
import { NOTHING_PLANNED, aBreaker, aCircuit, aLoad, aPanel as anyPanel, uuid } from '../../testing/index.ts';
import {
  canAdd,
  drawnSheet,
  moveQuestion,
  partsDecided,
  partsList,
  planFor,
  proposedSteps,
  roomQuestion,
  roomSteps,
  schoolsOf,
  servicePartsOf,
  sharedTerminal,
  sumOf,
  whatIf,
  type PlannedPanel,
  type Planning,
} from './index.ts';

const site = {
  id: uuid(800),
  name: 'Shed',
  note: '',
  zone: null,
  demo: false,
  version: 0,
  createdAt: '2026-11-01T10:00:00.000Z',
};

const aPanel = (change: Partial<PlannedPanel['panel']> = {}) =>
  anyPanel({ siteId: site.id, spaces: 6, busAmps: 125, narrowSpaces: [5, 6], ...change });

const wired = (space: number, ...loads: Parameters<typeof aLoad>[0][]) => ({
  breaker: aBreaker({ id: uuid(space), space }),
  measuredAmps: null,
  circuit: aCircuit({
    breakerId: uuid(space),
    label: `Circuit ${space}`,
    portableReceptacles: false,
    loads: loads.map((load, i) => aLoad({ id: uuid(600 + i), ...load })),
  }),
});

const planned = (change: Partial<PlannedPanel> = {}): PlannedPanel => ({
  panel: aPanel(),
  breakers: [
    {
      breaker: aBreaker({ id: uuid(99), role: 'main', space: null, poles: 2, ratingAmps: 200 }),
      circuit: null,
      measuredAmps: null,
    },
    wired(1, { name: 'Water heater', watts: 4500 }, { name: 'Range', watts: 12_000 }),
    wired(2, { name: 'Clothes dryer', watts: 5500 }, { name: 'Heat pump', watts: 4000 }),
    wired(3, { name: 'Baseboard heater', watts: 1500 }, { name: 'Baseboard heater', watts: 1500 }),
    wired(4, { name: 'Car charger', watts: 7600 }, { name: 'Air conditioner', watts: 3000 }),
  ],
  ...NOTHING_PLANNED,
  ...change,
});
const planning = (...panels: PlannedPanel[]): Planning => ({ site, panels });

describe('the sheet of a service, from what is drawn', () => {
  const sheet = drawnSheet(planning(planned()), planned());

  test('wired loads stand in the line their name says, and main and bus are taken over', () => {
    expect(sheet).toMatchObject({
      serviceAmps: 200,
      busAmps: 125,
      fixed: [{ id: 'Water heater', va: 4500 }],
      rangeKw: 12,
      dryerVa: 5500,
      heatVa: 3000,
      heatUnits: 2,
      heatKind: 'separate',
      heatPumpVa: 4000,
      coolingVa: 3000,
      vehicleVa: [7600],
    });
    expect(sheet.floorAreaFt2).toBeUndefined();
  });

  test('ordinary outlets count by the floor, and two of a name are told apart', () => {
    const outlets = {
      breaker: aBreaker(),
      measuredAmps: null,
      circuit: aCircuit({ loads: [aLoad({ name: 'Kettle', watts: 1500 })] }),
    };
    const pumps = wired(5, { name: 'Pump', watts: 500 }, { name: 'Pump', watts: 700 });
    const drawn = drawnSheet(planning(planned({ breakers: [outlets, pumps] })), planned({ breakers: [] }));
    expect(drawn.fixed).toEqual([
      { id: 'Pump', va: 500 },
      { id: 'Pump 2', va: 700 },
    ]);
    expect(drawn.serviceAmps).toBe(125);
  });

  test('all schools answer side by side, or say what they need', () => {
    expect(schoolsOf(sheet).map((one) => ('missing' in one ? one.missing : one.method))).toEqual([
      'Enter the floor area.',
      'Enter the floor area.',
      'Enter the floor area.',
      'The measured method needs the highest 15-minute demand.',
    ]);
    const full = { ...sheet, floorAreaFt2: 2000, measured: { peakAmps: 70 } };
    expect(schoolsOf(full).every((one) => 'load' in one)).toBe(true);
  });

  test('a logger’s highest quarter hour is filled in', () => {
    const peak = { amps: 63.2, at: site.createdAt, days: 31 };
    expect(drawnSheet(planning(), planned({ peak })).measured).toEqual({ peakAmps: 63.2 });
  });
});

describe('the smallest part of a service', () => {
  const parts = { serviceAmps: 200, busAmps: 225, meterBaseAmps: 200, conductor: null };
  test('comes first; conductors of a whole dwelling count by 83%', () => {
    expect(servicePartsOf({ ...parts, busAmps: 125 })[0]).toEqual({ part: 'bus', amps: 125 });
    const thin = servicePartsOf({ ...parts, conductor: { gauge: '2', material: 'aluminum' } });
    expect(thin[0]).toEqual({ part: 'conductors', amps: 100 });
    expect(servicePartsOf({ ...parts, conductor: { gauge: '2/0', material: 'copper' } })[0]!.amps).toBe(200);
  });
});

describe('can it be added?', () => {
  const sheet = (peakAmps: number) => ({
    ...drawnSheet(planning(), planned()),
    serviceAmps: 100,
    measured: { peakAmps },
  });
  const charger = (peakAmps: number) =>
    canAdd(sheet(peakAmps), { va: 9600, continuous: true }, 'measured', true);

  test('in full, smaller, only managed, or not before the service grows', () => {
    // 125% of the peak and 50 A for the charger; then 40, 30, 20, 15 A for smaller settings.
    expect(charger(40)).toMatchObject({ answer: 'fits', settingAmps: 40 });
    expect(charger(50)).toMatchObject({ answer: 'smaller', settingAmps: 24, growToAmps: 125 });
    expect(charger(72)).toMatchObject({ answer: 'managed', growToAmps: 150 });
    expect(charger(79)).toMatchObject({ answer: 'grow', growToAmps: 150 });
  });

  test('what cannot wait is never managed', () => {
    expect(canAdd(sheet(72), { va: 9600, continuous: false }, 'measured', false).answer).toBe('grow');
  });
});

describe('room in a drawn panel', () => {
  const none = { feeders: new Set<string>(), stopped: new Set<string>() };
  const panel = planned();

  test('what is tied, shared, stopped, feeding or wide stays, with the reason', () => {
    const change = (at: number, breaker: object, circuit: object = {}) => ({
      ...panel.breakers[at]!,
      breaker: { ...panel.breakers[at]!.breaker, ...breaker },
      circuit: { ...panel.breakers[at]!.circuit!, ...circuit },
    });
    const breakers = [
      panel.breakers[0]!,
      change(1, { tiedWith: uuid(2) }),
      change(2, {}, { sharesNeutral: true }),
      change(3, {}),
      change(4, {}),
    ];
    const { question, stays } = roomQuestion(
      { ...panel, breakers },
      { feeders: new Set([uuid(3)]), stopped: new Set([uuid(4)]) },
      { poles: 1 },
    );
    expect(question.breakers.map(({ movable }) => movable)).toEqual([false, false, false, false]);
    expect(stays.map(({ why }) => why)).toEqual([
      'Its handle is tied to another.',
      'It shares a neutral, so it stays on its leg, opposite the other circuit.',
      'It feeds a subpanel.',
      'A hazard is open. Repair it first.',
    ]);
    expect(question.breakers.find(({ id }) => id === uuid(4))!.narrowable).toBe(false);
  });

  test('a breaker that is carried elsewhere: what is in the way moves first, and nothing is bought for it', () => {
    const carried = { breakerId: uuid(1), space: 4 };
    const asked = moveQuestion(panel, none, carried);
    if ('stays' in asked) throw new Error(asked.stays);
    const plan = spacePlan(asked.question);
    expect(plan).toMatchObject({ cost: 1, place: { space: 4, half: null } });
    expect(plan.steps[0]!.id).toBe(uuid(4));
    expect(moveQuestion(panel, { ...none, stopped: new Set([uuid(1)]) }, carried)).toEqual({
      stays: 'A hazard is open. Repair it first.',
    });
    expect(moveQuestion(panel, none, { ...carried, breakerId: uuid(77) })).toMatchObject({
      stays: expect.any(String),
    });
    const content = {
      title: 'Circuit 1 to space 4',
      breakerId: uuid(1),
      poles: 1 as const,
      ratingAmps: 20,
      kind: 'standard' as const,
      place: plan.place,
      steps: [],
      conductor: null,
      lengthM: null,
      reasons: [],
    };
    const proposals = [{ entryId: uuid(1001), at: site.createdAt, simulated: false, content }];
    expect(
      partsList(planning(planned({ proposals })), new Map()).some(({ group }) => group === 'breakers'),
    ).toBe(false);
  });

  test('steps in words with their parts', () => {
    const full = planned({
      breakers: [1, 2, 3, 4, 5, 6].map((space) => wired(space)),
      panel: aPanel({ narrowSpaces: [5] }),
    });
    const plan = spacePlan(roomQuestion(full, none, { poles: 1 }).question);
    expect(plan).toMatchObject({ possible: true, cost: 4 });
    const steps = roomSteps(plan, full);
    expect(steps).toHaveLength(2);
    expect(steps[0]!.text).toMatch(/^Replace \d Circuit \d with a 20 A tandem half in space 5, \w+ half$/);
    expect(steps.every(({ parts }) => parts.includes('20 A tandem half'))).toBe(true);
  });
});

describe('half-size breakers of a plan', () => {
  const narrow = aPanel({ spaces: 4, narrowSpaces: [1, 3] });
  // Those on the right are tied to each other, and stay.
  const tied = (space: number, other: number) => {
    const one = wired(space);
    return { ...one, breaker: { ...one.breaker, tiedWith: uuid(other) } };
  };
  const full = planned({ panel: narrow, breakers: [wired(1), wired(3), tied(2, 4), tied(4, 2)] });
  const plan = spacePlan(
    roomQuestion(full, { feeders: new Set(), stopped: new Set() }, { poles: 2 }).question,
  );

  test('a quad takes two one-pole breakers as its outer poles, each as the half away from the middle', () => {
    const kept = planFor(plan, { ratingAmps: 20, kind: 'standard' }, full);
    expect(kept).toMatchObject({ via: 'quad', place: { space: 1, half: 'inner' } });
    expect(proposedSteps(kept)).toEqual([
      { breakerId: uuid(1), to: { space: 1, half: 'upper' }, as: 'quad' },
      { breakerId: uuid(3), to: { space: 3, half: 'lower' }, as: 'quad' },
    ]);
    expect(roomSteps(kept, full)[0]).toMatchObject({
      text: 'Replace 1 Circuit 1 with a quad: it becomes an outer 20 A pole',
      parts: ['Quad: 20 A outer poles that trip separately'],
    });
    // One part for all of it, though it stands in two steps.
    expect(roomSteps(kept, full)[1]!.parts).toEqual([]);
    const content = {
      ...{ title: 'Pump', breakerId: null, poles: 2 as const, ratingAmps: 20, kind: 'standard' as const },
      ...{ place: kept.place, steps: proposedSteps(kept), conductor: null, lengthM: null, reasons: [] },
    };
    const proposals = [{ entryId: uuid(1001), at: site.createdAt, simulated: false, content }];
    const bought = partsList(planning({ ...full, proposals }), new Map()).filter(({ group }) =>
      ['breakers', 'tandem-breakers'].includes(group),
    );
    expect(bought.map(({ count, what }) => [count, what])).toEqual([
      [1, expect.stringMatching(/^Quad: 20 A outer poles that trip separately, 20 A inner pair/)],
    ]);
  });

  test('none is made for a charger’s breaker, nor with ground-fault protection', () => {
    expect(planFor(plan, { ratingAmps: 50, kind: 'standard' }, full).possible).toBe(false);
    expect(planFor(plan, { ratingAmps: 20, kind: 'gfci' }, full).possible).toBe(false);
  });
});

describe('two conductors under one screw', () => {
  const ask = (change: Partial<Parameters<typeof sharedTerminal>[0]> = {}) =>
    sharedTerminal({
      ratingAmps: 20,
      amps: [9, 10],
      isListedForTwo: false,
      mayBeNarrow: false,
      sharesNeutral: false,
      plan: { possible: true, via: 'free', place: { space: 7, half: null }, steps: [] },
      ...change,
    });
  test('each way where it is right', () => {
    expect(ask({ amps: [7, 8], isListedForTwo: true }).way).toBe('listed');
    expect(ask({ amps: [7, 9] }).way).toBe('join');
    expect(ask().way).toBe('second-breaker');
    expect(ask({ isListedForTwo: true }).way).toBe('second-breaker');
    const full = { possible: false, via: 'none', place: null, steps: [] } as const;
    expect(ask({ plan: { ...full, steps: [] }, mayBeNarrow: true }).way).toBe('narrow-pair');
    expect(ask({ plan: { ...full, steps: [] } }).way).toBe('sub-panel');
  });
  test('that share a neutral go on opposite legs; nobody puts them on a tandem breaker before that is known', () => {
    const full = { possible: false, via: 'none', place: null, steps: [] } as const;
    const crowded = { plan: { ...full, steps: [] }, mayBeNarrow: true };
    for (const change of [{}, { isListedForTwo: true, amps: [3, 4] as const }, crowded]) {
      const { way, reasons } = ask({ ...change, sharesNeutral: true });
      expect(way).toBe('opposite-legs');
      expect(reasons.join(' ')).toContain('common trip');
    }
    expect(ask({ ...crowded, sharesNeutral: null }).way).toBe('trace');
    const traced = ask({ sharesNeutral: null });
    expect(traced.way).toBe('second-breaker');
    expect(traced.reasons.at(-1)).toMatch(/^Trace both neutrals first/);
    expect(ask().reasons.join(' ')).not.toContain('Trace');
  });
});

describe('what if', () => {
  const circuit = aCircuit({ portableReceptacles: false, loads: [aLoad({ watts: 2640, volts: 120 })] });
  const ask = (change: object = {}, lengthM: number | null = 30) =>
    whatIf({ ...sizingQuestion(circuit, 20, 'split')!, ...change }, { lengthM, volts: 120 });

  test('says what binds, with its table, and the thinnest conductor', () => {
    const { limits, thinnest, sizing: sized } = ask();
    expect(limits.filter(({ binds }) => binds).map(({ what }) => what)).toEqual([
      'Its 60 °C terminals',
      '60 °C column for NM cable',
      'Small-conductor limit',
    ]);
    expect(limits.every(({ source }) => source.startsWith('NEC'))).toBe(true);
    // 22 A calls for a 25 A breaker: 12 AWG may have 20.
    expect([sized.decision, thinnest]).toEqual(['rewire', '10']);
    expect(ask({ ambientC: 60, currentCarrying: 6 }).limits.find(({ binds }) => binds)!.what).toMatch(
      /insulation/,
    );
  });

  test('the drop there and back, and when it would open', () => {
    // 22 A × 2 × 30 m × 1.93 Ω / 304.8 m of 120 V
    expect(ask().dropPercent).toBeCloseTo(6.965, 2);
    expect(ask({}, null).dropPercent).toBeNull();
    expect(ask().window).toMatchObject({ region: 'may-trip' });
    expect(ask({ breakerAmps: 250 }).window).toBeNull();
  });
});

describe('parts list', () => {
  const content = {
    title: 'Kiln',
    breakerId: null,
    poles: 2 as const,
    ratingAmps: 60,
    kind: 'standard' as const,
    place: { space: 1, half: null },
    steps: [{ breakerId: uuid(1), to: { space: 5, half: 'upper' as const }, as: 'narrow' as const }],
    conductor: {
      gauge: '4' as const,
      material: 'copper' as const,
      insulationC: 90 as const,
      cable: 'nm' as const,
    },
    lengthM: 18,
    reasons: [],
  };
  const proposal = { entryId: uuid(1000), at: site.createdAt, simulated: false, content };

  test('nothing where nothing is decided or planned', () => {
    expect(partsList(planning(planned()), new Map())).toEqual([]);
  });

  test('one list of decisions and proposals, with what to take along', () => {
    const at = planned({ proposals: [proposal], panel: aPanel({ holes: [6] }) });
    const lines = partsList(planning(at), new Map([[at.panel.id, [{ breakerId: uuid(2), toAmps: 15 }]]]));
    const what = (group: string) => lines.filter((one) => one.group === group).map((one) => one.what);
    expect(what('breakers')).toEqual([
      expect.stringMatching(/^15 A one-pole standard breaker, Orrin S, listed for this panel/),
      expect.stringMatching(/^60 A two-pole standard breaker/),
    ]);
    expect(what('tandem-breakers')).toEqual([expect.stringMatching(/^20 A tandem half/)]);
    expect(what('conductor')).toEqual(['4 AWG copper, 90 °C, 20 m with 10% to spare']);
    expect(what('fillers')).toHaveLength(1);
    expect(what('bring-along')).toContain('Lock, lockout device and tag for the main');
    expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
  });

  test('a new panel is not bought by its breakers, a larger or a smaller breaker is', () => {
    const decided = (['replace-panel', 'size-up', 'size-down', 'keep', 'shed-load'] as const).map(
      (action, i) => ({
        breaker: { id: uuid(i) },
        decision: { action, toAmps: action === 'size-up' ? 25 : null },
      }),
    );
    expect(partsDecided(decided)).toEqual([
      { breakerId: uuid(1), toAmps: 25 },
      { breakerId: uuid(2), toAmps: null },
    ]);
  });

  test('a sum of bands, and of prices of one’s own', () => {
    const lines = partsList(planning(planned({ proposals: [proposal] })), new Map());
    const toBuy = lines.filter(({ group }) => group === 'breakers' || group === 'tandem-breakers');
    expect(sumOf(toBuy, {})).toEqual({ from: 24, to: 65, unpriced: 0 });
    expect(sumOf(toBuy, { [toBuy[0]!.key]: 20 })).toEqual({ from: 32, to: 50, unpriced: 0 });
    expect(sumOf(lines, {}).unpriced).toBeGreaterThan(0);
  });

  test('a label that was not read is told', () => {
    const at = planned({ proposals: [proposal], panel: aPanel({ family: '' }) });
    expect(partsList(planning(at), new Map())[0]!.what).toContain('read it first');
  });
});
