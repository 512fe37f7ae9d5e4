import { describe, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import { casesAsMet, runPairs, runStudy, studyPage, summary } from './index.ts';

describe('the study, small', () => {
  const size = { each: runs(2, 3), firstSeed: 40_000 };
  const all = runStudy(size);

  test('nobody is told to carry on in danger, and hardly anybody is stopped for nothing', () => {
    for (const profile of ['homeowner', 'electrician'] as const) {
      const { engine } = summary(all, profile);
      expect(engine.missed).toBeLessThan(0.03 * engine.hazards);
      expect(engine.falseStops).toBeLessThan(0.08);
      expect(engine.leftOn).toBeLessThan(0.2 * engine.hazards);
    }
  });

  test('the engine is right nearly always, with far fewer tests than the checklist', () => {
    const { engine, checklist, fewer } = summary(all, 'electrician');
    expect(engine.served).toBeGreaterThan(0.82);
    expect(engine.served).toBeGreaterThan(checklist.served - 0.05);
    expect(fewer).toBeGreaterThan(0.4);
    const home = summary(all, 'homeowner');
    expect(home.engine.served).toBeGreaterThan(0.75);
    expect(home.fewer).toBeGreaterThan(0.15);
  });

  test('its page tells of every cause, for both', () => {
    const met = casesAsMet({ cases: 12, firstSeed: 42_000 });
    const pairs = runPairs({ each: 1, firstSeed: 52_000 });
    const page = studyPage({ size, all, ceiling: all, met, pairs });
    expect(page.match(/^\| hot-surroundings /gm)!.length).toBe(5);
    expect(page).not.toMatch(/NaN|undefined|Infinity/);
  });
});
