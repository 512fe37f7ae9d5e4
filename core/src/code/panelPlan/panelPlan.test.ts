import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { newPanelPlan, subpanelPlan, type SubpanelPlanInput } from './index.ts';

describe('subpanels worked by hand', () => {
  test('a 32 A charger for hours and 10 A of lights: 50 A on the larger leg, 60 A, 4 AWG by the 60 °C column', () => {
    // 1.25 × 32 A are 40 A on both legs, 10 A more on leg a. 4 AWG carries 70 A, 6 AWG only 55 A (Table 310.16).
    expect(
      subpanelPlan({
        circuits: [
          { id: 'charger', amps: 32, poles: 2, continuous: true },
          { id: 'lights', amps: 10, poles: 1 },
        ],
      }),
    ).toEqual({
      legs: { charger: 'both', lights: 'a' },
      demandAmps: { a: 50, b: 40 },
      ...{ breakerAmps: 60, gauge: '4', ground: '10', dropPercent: 0, busAmps: 60, spaces: 4 },
      rules: ['two-hots-neutral-ground', 'neutral-apart', 'grounds-bonded'],
    });
  });

  test('a workshop in another building, 60 m away: conductors grow for the voltage drop', () => {
    const circuits = [
      { id: 'welder', amps: 40, poles: 2 as const },
      { id: 'saw', amps: 14, poles: 1 as const },
      { id: 'lights', amps: 5, poles: 1 as const },
    ];
    const near = subpanelPlan({ circuits });
    const far = subpanelPlan({ circuits, lengthM: 60, place: 'other-building', material: 'aluminum' });
    // 54 A: 60 A. 2 × 60 m × 54 A through 3 AWG aluminum (1.32 Ω a km) are 8.6 V, 3.6%: 2 AWG, 1.05 Ω a km, 6.8 V, 2.8%.
    expect(near).toMatchObject({ demandAmps: { a: 54, b: 45 }, breakerAmps: 60, gauge: '4', spaces: 6 });
    // 2 AWG has 1.26 times the area of 3 AWG, and the ground grows with it: 8 AWG becomes 6 AWG.
    expect(far).toMatchObject({ breakerAmps: 60, gauge: '2', ground: '6' });
    expect(far.dropPercent).toBeLessThanOrEqual(3);
    expect(far.rules).toEqual(expect.arrayContaining(['disconnect', 'electrode']));
  });

  test('refuses no circuit, and one id twice', () => {
    expect(() => subpanelPlan({ circuits: [] })).toThrow(/at least one/);
    const one = { id: 'a', amps: 5, poles: 1 as const };
    expect(() => subpanelPlan({ circuits: [one, one] })).toThrow(/twice/);
  });

  test('neither leg is above the breaker, the ground matches it, and a longer run never has a thinner conductor', () => {
    const drawn: fc.Arbitrary<SubpanelPlanInput['circuits']> = fc
      .array(
        fc.record({
          amps: fc.integer({ min: 0, max: 40 }),
          poles: fc.constantFrom(1 as const, 2 as const),
          continuous: fc.boolean(),
        }),
        { minLength: 1, maxLength: 12 },
      )
      .map((list) => list.map((one, i) => ({ ...one, id: `${i}` })));
    fc.assert(
      fc.property(drawn, fc.integer({ min: 0, max: 100 }), (circuits, lengthM) => {
        const { breakerAmps, demandAmps, busAmps, dropPercent, spaces } = subpanelPlan({ circuits, lengthM });
        if (breakerAmps === null) return;
        expect(Math.max(demandAmps.a, demandAmps.b)).toBeLessThanOrEqual(breakerAmps + 1e-9);
        expect(busAmps).toBeGreaterThanOrEqual(breakerAmps);
        if (dropPercent !== null) expect(dropPercent).toBeLessThanOrEqual(3 + 1e-9);
        const poles = circuits.reduce((sum, one) => sum + one.poles, 0);
        expect(spaces).toBeGreaterThanOrEqual(1.2 * poles - 1e-9);
      }),
    );
  });
});

describe('new panels worked by hand', () => {
  test('142 A and 26 spaces: 150 A, 40 spaces, 2/0 aluminum for 124.5 A, 6 AWG to the electrode', () => {
    // 26 × 1.2 are 31.2 spaces. 83% of 150 A are 124.5 A: 2/0 aluminum carries 135 A at 75 °C, 1/0 only 120 A.
    expect(
      newPanelPlan({ demandAmps: 142, spacesInUse: 26, place: 'indoor', startsOn: '2026-12-02' }),
    ).toMatchObject({
      ...{ mainAmps: 150, busAmps: 150, spaces: 40, gauge: '2/0', electrodeGauge: '6' },
      hoursOff: { from: 6, to: 10 },
    });
  });

  test('60 A of load still needs a 100 A service; 4 AWG copper carries 83 A, 8 AWG to the electrode', () => {
    expect(
      newPanelPlan({
        demandAmps: 60,
        spacesInUse: 8,
        place: 'outdoor',
        material: 'copper',
        startsOn: '2026-12-02',
      }),
    ).toMatchObject({ mainAmps: 100, busAmps: 100, gauge: '4', electrodeGauge: '8', spaces: 12 });
  });

  test('steps are dated on workdays, in order; the house is off on one day', () => {
    // Wednesday, then Saturday the 12th becomes Monday the 14th, a week later Monday the 21st.
    const { steps } = newPanelPlan({
      ...{ demandAmps: 100, spacesInUse: 20, place: 'indoor', startsOn: '2026-12-02' },
    });
    expect(steps.map(({ id, on }) => `${id} ${on}`)).toEqual([
      'permit 2026-12-02',
      'utility-request 2026-12-14',
      ...['disconnect', 'work', 'inspection', 'reconnect', 'prove'].map((id) => `${id} 2026-12-21`),
    ]);
    expect(steps.filter(({ isOff }) => isOff).map(({ id }) => id)).toEqual([
      ...['disconnect', 'work', 'inspection', 'reconnect'],
    ]);
  });

  test('a subpanel: the bonding jumper, the electrode and the utility are not its business', () => {
    const { rules, steps, ...sizes } = newPanelPlan({
      ...{ demandAmps: 38, spacesInUse: 6, place: 'indoor', startsOn: '2026-12-02', feederAmps: 60 },
      material: 'copper',
    });
    expect(sizes).toMatchObject({ mainAmps: 60, busAmps: 60, gauge: '4', electrodeGauge: null });
    expect(rules).toEqual(expect.arrayContaining(['neutral-apart', 'grounds-bonded']));
    expect(rules).not.toContain('main-bonding');
    expect(steps.map(({ id, who }) => `${id} ${who}`)).toEqual([
      ...['permit electrician', 'feeder-off electrician', 'work electrician'],
      ...['inspection inspector', 'prove electrician'],
    ]);
  });

  test('no smaller than the main that is there', () => {
    const asked = { demandAmps: 68, spacesInUse: 23, place: 'indoor', startsOn: '2026-12-02' } as const;
    expect(newPanelPlan({ ...asked, leastMainAmps: 125 }).mainAmps).toBe(125);
  });

  test('outdoors it is weatherproof; an impossible date is refused', () => {
    const of = (place: 'indoor' | 'outdoor') =>
      newPanelPlan({ demandAmps: 90, spacesInUse: 10, place, startsOn: '2026-12-02' }).rules;
    expect(of('outdoor')).toContain('weatherproof');
    expect(of('indoor')).not.toContain('weatherproof');
    expect(() =>
      newPanelPlan({ demandAmps: 90, spacesInUse: 10, place: 'indoor', startsOn: '2026-02-30' }),
    ).toThrow(/date/);
  });
});
