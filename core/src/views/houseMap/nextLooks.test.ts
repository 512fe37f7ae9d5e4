import { describe, expect, test } from '@jest/globals';
import { compareStages, houseOfPanel, mapPlans, panelOfSize, walkMap } from '../../benchmarks/index.ts';
import { seeded } from '../../facts/random/index.ts';
import { MAP_CHECKS } from '../../panel/circuitMap/index.ts';
import { runs } from '../../testing/index.ts';
import { appliancePlaces, stagedRounds } from './index.ts';

describe('a map in two stages', () => {
  test.each(MAP_CHECKS)('%s: a map of 21 breakers asks less, and is as right', (check) => {
    const outlets = compareStages(seeded(36_021), runs(8, 60), 21, check, false);
    const all = compareStages(seeded(36_022), runs(8, 60), 21, check, true);
    for (const { plain, staged } of [outlets, all]) {
      expect([plain.wrong, staged.wrong]).toEqual([0, 0]);
      expect(staged.looks).toBeLessThanOrEqual(plain.looks);
    }
    expect(outlets.staged.looks).toBeLessThan(0.98 * outlets.plain.looks);
  });

  test('one wrong look is found or corrected in either stage', () => {
    const random = seeded(36_023);
    const seen = { detect: 0, correct: 0 };
    let staged = 0;
    for (let i = 0; i < runs(20, 150); i++) {
      const panel = panelOfSize(random, 21);
      const house = houseOfPanel(panel, i % 2 === 0);
      for (const check of ['detect', 'correct'] as const) {
        const plan = mapPlans(panel, house, check).staged;
        if (plan.secondStage !== null) staged++;
        const walked = walkMap(house, plan, check, random, 0.01);
        for (const { id, is, breakerIds } of walked.read) {
          if (walked.slips.get(id)! > 1) continue;
          if (walked.slips.get(id) === 1) seen[check]++;
          expect([is, breakerIds]).toEqual(['one', [house.fedBy.get(id)]]);
        }
      }
    }
    expect(Math.min(seen.detect, seen.correct, staged)).toBeGreaterThan(10);
  });

  test('a handful of breakers, or none that stands out, is mapped in one stage', () => {
    const of = (count: number, outlets: number) =>
      Array.from({ length: count }, (_, i) => ({ id: `${i}`, outlets }));
    expect(stagedRounds(of(1, 4), { count: 10, appliances: 0 }, 'none').secondStage).toBeNull();
    expect(stagedRounds(of(21, 4), { count: 40, appliances: 0 }, 'detect').secondStage).toBeNull();
    expect(stagedRounds([], { count: 10, appliances: 0 }, 'none').rounds).toEqual([]);
  });

  test('appliances are known by their names', () => {
    const rooms = [
      { name: 'Laundry', places: ['dryer', 'Water heater', 'outlet'].map((name) => ({ id: name, name })) },
    ];
    expect(appliancePlaces(rooms)).toBe(2);
  });
});
