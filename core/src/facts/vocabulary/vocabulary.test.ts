import { describe, expect, test } from '@jest/globals';
import {
  ACTIONS,
  CAUSES,
  FAMILIES,
  isOutcome,
  sayOutcome,
  spotOf,
  togetherWith,
  TEST_WORDS,
  TESTS,
  type TestFacts,
  type TestId,
} from './index.ts';

const tests = Object.entries(TESTS) as [TestId, TestFacts][];

describe('the vocabulary', () => {
  test('has its causes, actions and tests', () => {
    expect([Object.keys(CAUSES).length, Object.keys(ACTIONS).length, tests.length]).toEqual([35, 26, 46]);
    expect(new Set(Object.values(ACTIONS))).toEqual(new Set(FAMILIES));
  });

  test('energised tests lie behind the cover', () => {
    for (const [id, { energised, level }] of tests) {
      if (energised) expect([id, level]).toEqual([id, 2]);
    }
  });

  test('an outcome belongs to its test alone', () => {
    expect([isOutcome('sound', 'quiet'), isOutcome('sound', 'cool')]).toEqual([true, false]);
  });
});

describe('what is asked on one screen', () => {
  test('is what is done at the same spot and may be asked, in the order of the spot', () => {
    expect(togetherWith('smell', ['outlet-voltage', 'smell', 'sound'])).toEqual(['sound', 'smell']);
    expect(togetherWith('smell', [])).toEqual(['smell']);
  });

  test('is one thing where it is done by itself', () => {
    const alone = tests.map(([id]) => id).filter((id) => spotOf(id) === null);
    const all = tests.map(([id]) => id);
    for (const id of alone) expect(togetherWith(id, all)).toEqual([id]);
  });
});

describe('the plain words', () => {
  test('every outcome has words of its own, without a full stop; every test a name and a way', () => {
    for (const [id, { outcomes }] of tests) {
      const words = outcomes.map((outcome) => sayOutcome(id, outcome));
      expect([id, new Set(words).size]).toEqual([id, outcomes.length]);
      for (const text of words) expect(text).toMatch(/^[A-Z].*[^.]$/);
      expect(TEST_WORDS[id].how).toMatch(/[.?]$/);
      expect(TEST_WORDS[id].name).not.toBe('');
    }
  });

  test('every cause has a name of its own', () => {
    const names = Object.values(CAUSES);
    expect(new Set(names).size).toBe(Object.keys(CAUSES).length);
    for (const name of names) expect(name).toMatch(/^[A-Z].*[^.]$/);
  });

  test('no two tests share a name', () => {
    expect(new Set(tests.map(([id]) => TEST_WORDS[id].name)).size).toBe(tests.length);
  });

  test('nothing a homeowner may do is said to need the cover off', () => {
    for (const [id, { level }] of tests) {
      if (level < 2) expect(TEST_WORDS[id].how).not.toMatch(/contact meter|clamp|panel dead|terminal/i);
    }
  });
});
