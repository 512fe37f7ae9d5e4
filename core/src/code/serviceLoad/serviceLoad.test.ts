import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lightingDemandVa, rangeDemandVa } from './parts.ts';
import { SERVICE_METHODS, serviceLoad, type ServiceLoadInput, type ServiceMethod } from './index.ts';

type Dwelling = Omit<ServiceLoadInput, 'method'>;

/** Four dwellings, worked by hand from article 220; VA by each method. */
const DWELLINGS: [name: string, dwelling: Dwelling, va: Record<ServiceMethod, number>][] = [
  [
    'small flat',
    {
      serviceAmps: 100,
      floorAreaFt2: 650,
      fixed: [
        { id: 'dishwasher', va: 1200 },
        { id: 'disposal', va: 600 },
      ],
      rangeKw: 8,
      heatVa: 6000,
      heatUnits: 3,
      heatKind: 'separate',
      coolingVa: 2000,
      largestMotorVa: 600,
      measured: { peakAmps: 41 },
    },
    {
      // 3000 + 35% of 3450; 1800; 80% of 8 kW; heating; 25% of 600
      standard: 4207.5 + 1800 + 6400 + 6000 + 150,
      // 10,000 + 40% of 6250; 65% of 6000, three controls
      optional: 12_500 + 3900,
      // 8000 + 40% of 14,250, heating in it
      existing: 13_700,
      measured: 12_300,
    },
  ],
  [
    '1,500 ft² house with gas',
    {
      serviceAmps: 100,
      floorAreaFt2: 1500,
      fixed: [
        { id: 'dishwasher', va: 1200 },
        { id: 'disposal', va: 700 },
        { id: 'microwave', va: 1500 },
        { id: 'furnace', va: 600 },
      ],
      coolingVa: 3600,
      largestMotorVa: 3600,
      measured: { peakAmps: 38 },
    },
    {
      // 3000 + 35% of 6000; 75% of 4000, four of them; cooling; 25% of its motor
      standard: 5100 + 3000 + 3600 + 900,
      optional: 11_200 + 3600,
      existing: 11_440,
      measured: 11_400,
    },
  ],
  [
    'all-electric house',
    {
      serviceAmps: 200,
      floorAreaFt2: 2400,
      fixed: [
        { id: 'water heater', va: 4500 },
        { id: 'dishwasher', va: 1200 },
        { id: 'disposal', va: 600 },
        { id: 'microwave', va: 1500 },
      ],
      rangeKw: 14.4,
      dryerVa: 5500,
      heatPumpVa: 5000,
      heatVa: 9600,
      coolingVa: 5000,
      vehicleVa: [9600, 6000],
      largestMotorVa: 5000,
      measured: { peakAmps: 92 },
    },
    {
      // Range 8 kW and 10%; the smaller vehicle counts 7200
      standard: 6045 + 5850 + 8800 + 5500 + 14_600 + 16_800 + 1250,
      // 10,000 + 40% of 29,400; heat pump and 65% of its backup; vehicles
      optional: 21_760 + 11_240 + 16_800,
      existing: 26_400 + 16_800,
      measured: 27_600,
    },
  ],
  [
    'farm house with workshop',
    {
      serviceAmps: 200,
      floorAreaFt2: 3200,
      smallApplianceCircuits: 3,
      fixed: [
        { id: 'water heater', va: 4500 },
        { id: 'well pump', va: 1500 },
        { id: 'dishwasher', va: 1200 },
        { id: 'freezer', va: 500 },
        { id: 'microwave', va: 1500 },
        { id: 'fan', va: 300 },
      ],
      rangeKw: 8.75,
      dryerVa: 4500,
      heatVa: 12_000,
      heatUnits: 6,
      heatKind: 'separate',
      coolingVa: 4000,
      largestMotorVa: 1500,
      measured: { peakAmps: 70 },
      added: [
        { id: 'welder', va: 7200, continuous: false },
        { id: 'compressor', va: 3000, continuous: false },
        { id: 'kiln', va: 6000, continuous: true },
      ],
    },
    {
      // The fan is under 500 VA and counts in full; the dryer counts 5000; the kiln 7500
      standard: 7410 + 7200 + 7000 + 5000 + 12_000 + 375 + 17_700,
      // 40% of heating, six controls
      optional: 21_340 + 4800 + 17_700,
      existing: 24_940 + 17_700,
      measured: 21_000 + 17_700,
    },
  ],
];

const worked = DWELLINGS.flatMap(([name, dwelling, va]) =>
  SERVICE_METHODS.map((method) => ({ name, method, dwelling, va: va[method] })),
);

describe('a dwelling worked by hand', () => {
  test.each(worked)('$name, $method', ({ method, dwelling, va }) => {
    const answer = serviceLoad({ method, ...dwelling });
    expect(answer.demandVa).toBeCloseTo(va, 6);
    expect(answer.demandAmps).toBeCloseTo(va / 240, 8);
    expect(answer.parts.reduce((sum, { demandVa }) => sum + demandVa, 0)).toBeCloseTo(va, 6);
    expect(answer.headroomAmps).toBeCloseTo(dwelling.serviceAmps - va / 240, 8);
    expect(answer.fits).toBe(va / 240 <= dwelling.serviceAmps);
  });

  test('what the service and its conductors must be rated for', () => {
    const [, dwelling] = DWELLINGS[2]!;
    expect(serviceLoad({ method: 'standard', ...dwelling })).toMatchObject({
      minServiceAmps: 250,
      fits: false,
      // 83% of 250 A: 207.5 A
      conductor: { copper: '4/0', aluminum: '300' },
    });
    expect(serviceLoad({ method: 'existing', ...dwelling })).toMatchObject({
      minServiceAmps: 200,
      fits: true,
      conductor: { copper: '2/0', aluminum: '4/0' },
    });
    const [, flat] = DWELLINGS[0]!;
    expect(serviceLoad({ method: 'measured', ...flat })).toMatchObject({
      minServiceAmps: 100,
      conductor: { copper: '4', aluminum: '2' },
    });
  });

  test('new heating or cooling counts in full, by the way for existing dwellings', () => {
    const [, gas] = DWELLINGS[1]!;
    // 8000 + 40% of 5000, and cooling on top
    expect(serviceLoad({ method: 'existing', ...gas, hvacIsNew: true }).demandVa).toBeCloseTo(13_600, 6);
  });

  test('beyond 400 A there is no standard answer', () => {
    const answer = serviceLoad({ method: 'measured', serviceAmps: 400, measured: { peakAmps: 321 } });
    expect(answer).toMatchObject({ minServiceAmps: null, conductor: null, fits: false });
    const large = serviceLoad({ method: 'measured', serviceAmps: 600, measured: { peakAmps: 100 } });
    expect(large).toMatchObject({ minServiceAmps: 125, conductor: null, fits: true });
  });

  test('lighting and range by their tables', () => {
    expect(lightingDemandVa(130_000)).toBeCloseTo(46_450, 6);
    expect([1.75, 8.75, 8.76, 12, 12.4, 12.5, 27].map(rangeDemandVa)).toEqual([
      1400, 7000, 8000, 8000, 8000, 8400, 14_000,
    ]);
  });

  test('what a way needs is asked for at its field, and the rest is left out', () => {
    expect(() => serviceLoad({ method: 'optional', serviceAmps: 100 })).toThrow(/Enter the floor area/);
    expect(() => serviceLoad({ method: 'measured', serviceAmps: 100 })).toThrow(/15-minute demand/);
    const twice = { id: 'x', va: 5 };
    expect(() =>
      serviceLoad({
        method: 'standard',
        serviceAmps: 100,
        floorAreaFt2: 900,
        fixed: [twice],
        added: [{ ...twice, continuous: false }],
      }),
    ).toThrow(/used twice/);
    expect(
      serviceLoad({ method: 'optional', serviceAmps: 100, floorAreaFt2: 900 }).parts.map(({ code }) => code),
    ).toEqual(['general']);
  });
});

const va = fc.integer({ min: 0, max: 20_000 });
const dwelling = fc.record({
  serviceAmps: fc.constantFrom(100, 150, 200),
  floorAreaFt2: fc.integer({ min: 0, max: 60_000 }),
  smallApplianceCircuits: fc.integer({ min: 0, max: 4 }),
  fixedVa: fc.array(va, { maxLength: 6 }),
  rangeKw: fc.double({ min: 1.75, max: 26, noNaN: true }),
  dryerVa: va,
  heatVa: va,
  heatUnits: fc.integer({ min: 1, max: 8 }),
  heatKind: fc.constantFrom('central' as const, 'separate' as const),
  heatPumpVa: va,
  coolingVa: va,
  hvacIsNew: fc.boolean(),
  vehicleVa: fc.array(va, { maxLength: 2 }),
  largestMotorVa: va,
  peakAmps: fc.integer({ min: 0, max: 200 }),
});

/** What may grow, by so many VA. */
const GROWS = [
  'floorAreaFt2',
  'dryerVa',
  'heatVa',
  'coolingVa',
  'largestMotorVa',
  'rangeKw',
  'added',
] as const;

describe('laws', () => {
  test('more load never lowers the demand', () => {
    fc.assert(
      fc.property(
        dwelling,
        fc.constantFrom(...SERVICE_METHODS),
        fc.constantFrom(...GROWS),
        fc.integer({ min: 1, max: 5000 }),
        ({ fixedVa, peakAmps, ...rest }, method, grows, by) => {
          const before: ServiceLoadInput = {
            ...rest,
            method,
            measured: { peakAmps },
            fixed: fixedVa.map((one, i) => ({ id: `f${i}`, va: one })),
          };
          const after: ServiceLoadInput =
            grows === 'added'
              ? { ...before, added: [{ id: 'new', va: by, continuous: true }] }
              : { ...before, [grows]: grows === 'rangeKw' ? rest.rangeKw + by / 5000 : rest[grows] + by };
          expect(serviceLoad(after).demandVa).toBeGreaterThanOrEqual(serviceLoad(before).demandVa - 1e-6);
        },
      ),
    );
  });

  test('a fourth fixed appliance of 500 VA may lower it, 220.53, and only by the standard way', () => {
    const of = (count: number, method: ServiceMethod) =>
      serviceLoad({
        method,
        serviceAmps: 100,
        floorAreaFt2: 1000,
        fixed: Array.from({ length: count }, (_, i) => ({ id: `${i}`, va: 1000 })),
      }).demandVa;
    expect(of(4, 'standard')).toBe(of(3, 'standard'));
    expect(of(4, 'optional')).toBeGreaterThan(of(3, 'optional'));
  });
});
