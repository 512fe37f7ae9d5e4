import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { AMPACITY, COLUMNS_C, GAUGES } from '../../facts/standards/index.ts';
import { ampacity, sizing, type SizingInput } from './index.ts';

const copper12: SizingInput['conductor'] = { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' };

const ask = (change: Partial<SizingInput> = {}) =>
  sizing({
    rules: 'split',
    conductor: copper12,
    terminalC: 60,
    loads: [{ id: 'a', amps: 10, continuous: false }],
    breakerAmps: 20,
    portableReceptacles: true,
    ...change,
  });

const codes = (answer: ReturnType<typeof ask>) => answer.reasons.map((r) => r.code);

describe('ampacity', () => {
  const place = { conductor: copper12, terminalC: 75, ambientC: 30, currentCarrying: 2 } as const;

  test('nm cable is held to its 60 °C column, other conductors to the terminal’s', () => {
    expect(ampacity(place)).toBe(20);
    expect(ampacity({ ...place, conductor: { ...copper12, cable: 'other' } })).toBe(25);
  });

  test('ambient and adjustment factors start from the insulation’s column', () => {
    // 30 A × 0.91 (40 °C) × 0.70 (7–9 conductors) = 19.11 A
    expect(ampacity({ ...place, ambientC: 40, currentCarrying: 9 })).toBeCloseTo(19.11, 9);
  });

  test('an ambient between two bands belongs to the upper one', () => {
    const other = { ...place, conductor: { ...copper12, insulationC: 60, cable: 'other' } as const };
    expect(ampacity({ ...other, ambientC: 35 })).toBeCloseTo(18.2, 9);
    expect(ampacity({ ...other, ambientC: 35.5 })).toBeCloseTo(16.4, 9);
  });

  test('where the table of factors ends nothing may be carried', () => {
    expect(ampacity({ ...place, conductor: { ...copper12, insulationC: 60 }, ambientC: 60 })).toBe(0);
    expect(ampacity({ ...place, ambientC: 90 })).toBe(0);
  });
});

describe('sizing', () => {
  test('a breaker that suits is kept', () => {
    expect(ask()).toMatchObject({
      decision: 'keep',
      recommendedAmps: 20,
      interimAmps: null,
      maxBreakerAmps: 20,
      ampacity: 20,
    });
  });

  test('20 A on 14 copper goes down to 15 A', () => {
    const answer = ask({ conductor: { ...copper12, gauge: '14' } });
    expect(answer).toMatchObject({
      decision: 'size-down',
      recommendedAmps: 15,
      interimAmps: 15,
      maxBreakerAmps: 15,
    });
    expect(codes(answer)[0]).toBe('conductor-unprotected');
  });

  test('30 A on 12 copper with a load of 24 A: 20 A meanwhile, then a larger conductor', () => {
    const answer = ask({ breakerAmps: 30, loads: [{ id: 'heater', amps: 24, continuous: false }] });
    expect(answer).toMatchObject({ decision: 'rewire', recommendedAmps: null, interimAmps: 20 });
    expect(codes(answer)).toContain('conductor-unprotected');
  });

  test('two loads that each fit alone are split, one that does not is rewired', () => {
    const twelve = (id: string) => ({ id, amps: 12, continuous: false });
    expect(ask({ loads: [twelve('a'), twelve('b')] }).decision).toBe('split');
    expect(ask({ loads: [twelve('a'), { ...twelve('b'), amps: 22 }] }).decision).toBe('rewire');
  });

  test('a larger breaker only where the conductor allows it, and the whole run is to be checked', () => {
    const answer = ask({
      conductor: { ...copper12, gauge: '10' },
      portableReceptacles: false,
      loads: [{ id: 'heater', amps: 18, continuous: true }],
    });
    expect(answer).toMatchObject({ demandAmps: 22.5, decision: 'size-up', recommendedAmps: 25 });
    expect(codes(answer)).toContain('verify-whole-run');
  });

  test('the next size up: 6 copper nm carries 55 A and may have 60 A', () => {
    const answer = ask({
      conductor: { ...copper12, gauge: '6' },
      portableReceptacles: false,
      breakerAmps: 60,
    });
    expect(answer).toMatchObject({ ampacity: 55, maxBreakerAmps: 60, decision: 'keep' });
  });

  test('ordinary outlets: down instead of up, and never above 20 A', () => {
    const hot = { ambientC: 40, conductor: { ...copper12, insulationC: 60, cable: 'other' } as const };
    expect(ask(hot)).toMatchObject({ ampacity: 16.4, maxBreakerAmps: 15 });
    expect(ask({ ...hot, portableReceptacles: false }).maxBreakerAmps).toBe(20);
    expect(ask({ conductor: { ...copper12, gauge: '8' } }).maxBreakerAmps).toBe(20);
    expect(ask({ ...hot, ambientC: 55 })).toMatchObject({
      maxBreakerAmps: 0,
      interimAmps: null,
      decision: 'rewire',
    });
  });

  test('a motor-compressor’s nameplate overrides the small-conductor limit', () => {
    const nameplate = { minCircuitAmps: 17.2, maxBreakerAmps: 28 };
    expect(ask({ nameplate, breakerAmps: 25, portableReceptacles: false })).toMatchObject({
      demandAmps: 17.2,
      maxBreakerAmps: 25,
      minBreakerAmps: 20,
      decision: 'keep',
    });
  });

  test('the flat rule forgives rounding: 24 A at 80% is 30 A', () => {
    const answer = ask({
      rules: 'flat80',
      conductor: { ...copper12, gauge: '10' },
      breakerAmps: 30,
      portableReceptacles: false,
      loads: [{ id: 'a', amps: 24, continuous: false }],
    });
    expect(answer).toMatchObject({ minBreakerAmps: 30, decision: 'keep' });
  });

  test('bad questions are refused at their field', () => {
    expect(() => ask({ conductor: { ...copper12, gauge: '14', material: 'aluminum' } })).toThrow(/Aluminum/);
    expect(() => ask({ breakerAmps: 0 })).toThrow(/rating/);
    const twice = { id: 'a', amps: 1, continuous: false };
    expect(() => ask({ loads: [twice, twice] })).toThrow(/used twice/);
  });
});

describe('the largest breaker, worked by hand from the tables', () => {
  type Row = [
    string,
    SizingInput['conductor']['material'],
    60 | 75 | 90,
    'nm' | 'other',
    60 | 75,
    number,
    number,
    boolean,
    number,
    number,
  ];
  const rows: Row[] = [
    // gauge, metal, insulation, cable, terminal, ambient, conductors, outlets → ampacity, largest breaker
    ['14', 'copper', 90, 'nm', 60, 30, 2, true, 15, 15],
    ['14', 'copper', 90, 'other', 75, 30, 3, false, 20, 15],
    ['12', 'copper', 75, 'other', 75, 30, 3, false, 25, 20],
    ['12', 'aluminum', 60, 'other', 60, 30, 3, true, 15, 15],
    ['10', 'aluminum', 75, 'other', 75, 30, 3, false, 30, 25],
    ['10', 'copper', 60, 'nm', 60, 30, 2, false, 30, 30],
    ['10', 'copper', 90, 'other', 75, 45, 3, false, 34.8, 30],
    ['8', 'copper', 90, 'nm', 75, 30, 2, false, 40, 40],
    ['8', 'copper', 75, 'other', 75, 30, 3, false, 50, 50],
    ['8', 'aluminum', 75, 'other', 60, 30, 3, false, 35, 35],
    ['6', 'copper', 90, 'nm', 75, 30, 2, false, 55, 60],
    ['6', 'copper', 75, 'other', 75, 30, 3, false, 65, 70],
    ['6', 'copper', 75, 'other', 75, 10, 3, false, 65, 70],
    ['4', 'copper', 60, 'other', 60, 40, 3, false, 57.4, 60],
    ['4', 'aluminum', 90, 'other', 75, 30, 6, false, 60, 60],
    ['3', 'copper', 75, 'other', 75, 30, 20, false, 50, 50],
    ['2', 'copper', 75, 'other', 75, 30, 3, false, 115, 125],
    ['1', 'aluminum', 75, 'other', 75, 30, 3, false, 100, 100],
    ['1/0', 'copper', 75, 'other', 75, 50, 3, false, 112.5, 125],
    ['2/0', 'aluminum', 75, 'other', 75, 30, 41, false, 47.25, 50],
    ['3/0', 'copper', 75, 'other', 75, 30, 3, false, 200, 200],
    ['4/0', 'copper', 75, 'other', 75, 30, 3, false, 230, 250],
    ['4/0', 'copper', 75, 'other', 75, 30, 3, true, 230, 20],
  ];

  test.each(rows)('%s %s %i °C %s, terminal %i, %i °C, %i wires, outlets %s: %d A, %i A', (...row) => {
    const [
      gauge,
      material,
      insulationC,
      cable,
      terminalC,
      ambientC,
      currentCarrying,
      portableReceptacles,
      carries,
      largest,
    ] = row;
    const conductor = { gauge, material, insulationC, cable } as SizingInput['conductor'];
    const loads = [{ id: 'none', amps: 0, continuous: false }];
    const answer = ask({ conductor, terminalC, ambientC, currentCarrying, portableReceptacles, loads });
    expect(answer.ampacity).toBeCloseTo(carries, 9);
    expect(answer.maxBreakerAmps).toBe(largest);
  });
});

describe('laws', () => {
  const conductorOf = (
    gauge: (typeof GAUGES)[number],
    material: 'copper' | 'aluminum',
    insulationC: 60 | 75 | 90,
    cable: 'nm' | 'other',
  ) => ({
    gauge: AMPACITY[material][gauge] ? gauge : ('12' as const),
    material,
    insulationC,
    cable,
  });
  const question = fc.record({
    rules: fc.constantFrom('split' as const, 'flat80' as const),
    conductor: fc
      .tuple(
        fc.constantFrom(...GAUGES),
        fc.constantFrom('copper' as const, 'aluminum' as const),
        fc.constantFrom(...COLUMNS_C),
        fc.constantFrom('nm' as const, 'other' as const),
      )
      .map((parts) => conductorOf(...parts)),
    terminalC: fc.constantFrom(60 as const, 75 as const),
    ambientC: fc.double({ min: -40, max: 90, noNaN: true }),
    currentCarrying: fc.integer({ min: 1, max: 60 }),
    loads: fc.uniqueArray(
      fc.record({
        id: fc.uuid(),
        amps: fc.double({ min: 0, max: 60, noNaN: true }),
        continuous: fc.boolean(),
      }),
      { selector: (load) => load.id, minLength: 1, maxLength: 5 },
    ),
    breakerAmps: fc.constantFrom(15, 20, 25, 30, 40, 50, 60, 100),
    portableReceptacles: fc.boolean(),
  });

  test('more load never lowers the demand', () => {
    fc.assert(
      fc.property(
        question,
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.boolean(),
        (q, amps, continuous) => {
          const more = { ...q, loads: [...q.loads, { id: 'one more', amps, continuous }] };
          expect(sizing(more).demandAmps).toBeGreaterThanOrEqual(sizing(q).demandAmps);
        },
      ),
    );
  });

  test('a thicker conductor never lowers the largest breaker', () => {
    fc.assert(
      fc.property(question, fc.integer({ min: 0, max: 12 }), (q, step) => {
        const thicker = GAUGES[Math.min(GAUGES.length - 1, GAUGES.indexOf(q.conductor.gauge) + step)]!;
        const grown = sizing({ ...q, conductor: { ...q.conductor, gauge: thicker } });
        expect(grown.maxBreakerAmps).toBeGreaterThanOrEqual(sizing(q).maxBreakerAmps);
      }),
    );
  });

  test('more ambient never raises it', () => {
    fc.assert(
      fc.property(question, fc.double({ min: -40, max: 90, noNaN: true }), (q, other) => {
        const [cool, hot] = [Math.min(q.ambientC, other), Math.max(q.ambientC, other)];
        expect(sizing({ ...q, ambientC: hot }).maxBreakerAmps).toBeLessThanOrEqual(
          sizing({ ...q, ambientC: cool }).maxBreakerAmps,
        );
      }),
    );
  });

  test('what is recommended protects the conductor and carries the demand; an oversized breaker is always told', () => {
    fc.assert(
      fc.property(question, (q) => {
        const answer = sizing(q);
        if (answer.recommendedAmps !== null) {
          expect(answer.recommendedAmps).toBeLessThanOrEqual(answer.maxBreakerAmps);
          expect(answer.recommendedAmps).toBeGreaterThanOrEqual(answer.demandAmps - 1e-6);
        }
        const oversized = q.breakerAmps > answer.maxBreakerAmps;
        expect(codes(answer).includes('conductor-unprotected')).toBe(oversized);
        if (oversized) expect(['size-down', 'split', 'rewire']).toContain(answer.decision);
      }),
    );
  });
});
