import { describe, expect, test } from '@jest/globals';
import type { CaseRecord } from '@phylaxon/core/diagnosis/cases';
import { DEFAULT_POLICIES } from '@phylaxon/core/record/settings';
import { aBreaker, uuid } from '@phylaxon/core/testing';
import { caseEntries, entries } from '../api/index.ts';
import { withWaiting } from './withWaiting.ts';

const at = '2026-11-25T10:00:00.000Z';
const caseId = uuid(1000);

/** A case with a known breaker, or none. */
const aFile = (known: boolean): CaseRecord =>
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

const answer = () => caseEntries.answers(caseId, [{ test: 'sound', outcome: 'quiet', at }]);

describe('a case while the server is gone', () => {
  test('an answer counts at once: in the breaker’s log, or in the case while that is not known', () => {
    const entry = answer();
    const known = withWaiting(aFile(true), [entry]);
    expect(known.dossier!.subject.entries.observations).toMatchObject([
      { test: 'sound', outcome: 'quiet', caseId, struck: null },
    ]);
    expect(known.log).toHaveLength(1);
    const unknown = withWaiting(aFile(false), [entry]);
    expect(unknown.case.answers).toMatchObject([{ test: 'sound', takenBackAt: null }]);
  });

  test('what was stored meanwhile is not there twice', () => {
    const entry = answer();
    const once = withWaiting(aFile(true), [entry]);
    expect(withWaiting(once, [entry])).toEqual(once);
  });

  test('resets, readings, questions put aside and taken up again', () => {
    const reset = entries.event(uuid(1), 'Shed', { kind: 'reset', result: 'holds', at, caseId });
    const reading = entries.readings(uuid(1), 'Shed', [
      { quantity: 'voltage', point: 'outlet', value: 119, at, caseId },
    ]);
    const aside = caseEntries.pass(caseId, { tests: ['smell', 'sound'], why: 'cannot', at });
    const again = caseEntries.pass(caseId, { tests: ['smell'], why: null, at });
    const file = withWaiting(aFile(true), [reset, reading, aside, again]);
    const { events, readings } = file.dossier!.subject.entries;
    expect(events).toMatchObject([{ kind: 'reset', result: 'holds', unplugged: false, connected: null }]);
    expect(readings).toMatchObject([{ value: 119, unit: 'V' }]);
    expect(file.case.passed).toEqual([{ test: 'sound', why: 'cannot', at }]);
  });

  test('what a closed case was, told while the server is gone', () => {
    const confirmed = { cause: 'overload', who: 'electrician', how: 'measured' } as const;
    const told = [caseEntries.confirm(caseId, { confirmed })];
    expect(withWaiting(aFile(true), told).case.confirmed).toEqual(confirmed);
    const takenBack = [...told, caseEntries.confirm(caseId, { confirmed: null })];
    expect(withWaiting(aFile(true), takenBack).case.confirmed).toBeNull();
  });

  test('another case’s entries are left out', () => {
    const other = caseEntries.answers(uuid(2000), [{ test: 'sound', outcome: 'quiet', at }]);
    const elsewhere = entries.event(uuid(1), 'Shed', { kind: 'trip', pace: 'minutes', at });
    expect(withWaiting(aFile(true), [other, elsewhere])).toEqual(aFile(true));
  });
});
