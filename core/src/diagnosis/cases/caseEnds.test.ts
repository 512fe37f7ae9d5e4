import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aDossier, anAnsweredCase, anObservation, runs, uuid } from '../../testing/index.ts';
import { TESTS, type TestId, type TestResult } from '../../facts/vocabulary/index.ts';
import { canBe } from '../engine/index.ts';
import { lookAtCase, testsOf, type CaseRecord } from './index.ts';

describe('how a case ends', () => {
  test('an electrician’s case ends in a decision, whatever is answered', () => {
    const draws = fc.array(fc.nat(), { minLength: 60, maxLength: 60 });
    fc.assert(
      fc.property(draws, fc.constantFrom('dead' as const, 'trips' as const), (numbers, complaint) => {
        const results: TestResult[] = [];
        for (;;) {
          const { step, known, decision } = lookAtCase(anAnsweredCase(results, { complaint }), 'electrician');
          const asked = testsOf(step).filter((id) => !results.some((one) => one.test === id));
          if (asked.length === 0) {
            expect(['decided', 'stop']).toContain(step.kind);
            expect(decision.family).not.toBe('need-more');
            return;
          }
          for (const id of asked) {
            const possible = (TESTS[id].outcomes as readonly string[]).filter((one) => canBe(id, one, known));
            results.push({ test: id, outcome: possible[numbers[results.length]! % possible.length]! });
          }
        }
      }),
      { numRuns: runs(40, 400) },
    );
  });

  const onRecord = (found: [TestId, string][], complaint: 'trips' | 'dead' | 'check'): CaseRecord => {
    const dossier = aDossier({
      observations: found.map(([id, outcome], i) => anObservation(id, outcome, i)),
    });
    return { ...anAnsweredCase([], { complaint, breakerId: uuid(1) }), dossier: { ...dossier, curves: [] } };
  };

  test.each(['electrician', 'homeowner'] as const)(
    'what the record decided before it was opened stands first, %s',
    (profile) => {
      const file = onRecord([['terminal-inspection', 'loose']], 'check');
      const { step, decision, changes } = lookAtCase(file, profile);
      expect(step.kind).toBe('decided');
      expect(decision.action).toBe('remake-joint');
      // What is still asked may overturn it.
      expect(Object.keys(changes)).toEqual(decision.next.map(({ test: id }) => id));
    },
  );

  test('a record that explains nothing of what is complained of decides nothing', () => {
    expect(lookAtCase(onRecord([['outlet-voltage', 'normal']], 'trips'), 'electrician').step.kind).toBe(
      'looks',
    );
  });
});
