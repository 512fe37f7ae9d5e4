import { describe, expect, test } from '@jest/globals';
import { seeded } from '../facts/random/index.ts';
import { nextPoint, readPoints, sag, type ChainPoint } from '../physics/sag/index.ts';
import { runs } from '../testing/index.ts';
import { drawJointRun, searchedJoint } from './jointRun.ts';

/** A chain with so many outlets, nothing read yet. */
const chainOf = (outlets: number): ChainPoint[] =>
  ['panel', ...Array.from({ length: outlets }, (_one, n) => `outlet ${n + 1}`)].map((id) => ({
    id,
    volts: null,
  }));

describe('the search of a bad joint', () => {
  test('begins at the panel, then the last outlet; a run that loses nothing is sound', () => {
    const chain = chainOf(5);
    expect(nextPoint({ chain, amps: 12 }).next).toBe('panel');
    chain[0]!.volts = { unloaded: 121, loaded: 120.6 };
    expect(nextPoint({ chain, amps: 12 }).next).toBe('outlet 5');
    chain[5]!.volts = { unloaded: 121, loaded: 120.3 };
    expect(nextPoint({ chain, amps: 12 })).toEqual({ next: null, within: null, isSound: true });
  });

  test('halves the stretch that loses more than its conductor', () => {
    const chain = chainOf(6);
    chain[0]!.volts = { unloaded: 121, loaded: 120.6 };
    chain[6]!.volts = { unloaded: 121, loaded: 114 };
    expect(nextPoint({ chain, amps: 12 })).toMatchObject({ next: 'outlet 3', isSound: false });
    chain[3]!.volts = { unloaded: 121, loaded: 114.4 };
    expect(nextPoint({ chain, amps: 12 })).toMatchObject({ within: { from: 'panel', to: 'outlet 3' } });
    chain[1]!.volts = { unloaded: 121, loaded: 120.3 };
    chain[2]!.volts = { unloaded: 121, loaded: 114.5 };
    expect(nextPoint({ chain, amps: 12 })).toEqual({
      next: null,
      within: { from: 'outlet 1', to: 'outlet 2', points: 0 },
      isSound: false,
    });
  });

  test('finds a planted joint in 95 of 100 runs, in few points; sag calls it too; a sound run is left alone in 98', () => {
    const each = runs(400, 2000);
    const random = seeded(20_261_127);
    let [found, graded, sound] = [0, 0, 0];
    for (let n = 0; n < each; n++) {
      const run = drawJointRun(random, true);
      const { search, chain, reads } = searchedJoint(run);
      expect(reads).toBeLessThanOrEqual(Math.ceil(Math.log2(run.points.length)) + 2);
      if (search.within?.to !== run.bad) continue;
      found++;
      if (sag({ amps: run.amps, ratingAmps: 20, points: readPoints(chain) }).worst === run.bad) graded++;
    }
    for (let n = 0; n < each; n++) if (searchedJoint(drawJointRun(random, false)).search.isSound) sound++;
    expect(found / each).toBeGreaterThanOrEqual(0.95);
    expect(graded / found).toBeGreaterThanOrEqual(0.9);
    expect(sound / each).toBeGreaterThanOrEqual(0.98);
  });
});
