import { describe, expect, test } from '@jest/globals';
import { decide } from '../../diagnosis/decision/index.ts';
import { gatherEvidence } from '../../diagnosis/evidence/index.ts';
import {
  aCircuit,
  aDossier,
  aBreakerRecord,
  aReading,
  anObservation,
  uuid,
  type BreakerRecordParts,
} from '../../testing/index.ts';
import {
  attentionOf,
  boardBreaker,
  boardBreakerOf,
  gravestHeat,
  urgency,
  type BoardBreaker,
} from './index.ts';

const at = '2026-10-01T12:00:00.000Z';

function onBoard(parts: BreakerRecordParts): BoardBreaker {
  const evidence = gatherEvidence(aDossier(parts));
  return boardBreakerOf(evidence, { id: uuid(1), at, decision: decide(evidence) });
}

const named = (n: number, label: string, parts: BreakerRecordParts = {}) =>
  onBoard({ ...parts, breaker: { id: uuid(n), space: n }, circuit: aCircuit({ ...parts.circuit, label }) });

describe('a breaker on the board', () => {
  test('shows its load, its heat and current decision, in the shape that is sent', () => {
    const entry = named(1, 'Lathe', {
      readings: [
        aReading('current', 'conductor', 12),
        aReading('temperature', 'terminal', 62),
        aReading('temperature', 'face', 30),
      ],
    });
    expect(boardBreaker.parse(entry)).toEqual(entry);
    expect(entry).toMatchObject({
      label: 'Lathe',
      handle: 'on',
      load: { share: 0.6 },
      heat: { point: 'terminal', grade: 'urgent' },
    });
    expect(entry.decision).toMatchObject({ family: 'replace', stop: false, at });
  });

  test('without temperatures has no heat', () => expect(gravestHeat([])).toBeNull());
});

describe('what needs attention', () => {
  const closed = { holes: [] };
  const thin = { conductor: { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' } } as const;
  const quiet = named(1, 'Quiet', {
    readings: [aReading('voltage', 'outlet', 119), aReading('current', 'plug', 3)],
  });
  const unknown = named(2, 'Unknown');
  const oversized = named(3, 'Oversized', { circuit: aCircuit(thin) });
  const sizzling = named(4, 'Sizzling', { observations: [anObservation('sound', 'sizzle-or-crackle')] });
  const loose = named(5, 'Loose', { observations: [anObservation('terminal-inspection', 'loose')] });

  test('dangers first, then unprotected conductors, then repairs; what is sound or only unmeasured is left out', () => {
    const listed = attentionOf(closed, [quiet, unknown, loose, oversized, sizzling]);
    expect(listed.map((one) => [one.label, one.stop])).toEqual([
      ['Whole panel', true],
      ['Loose', false],
      ['Oversized', false],
    ]);
    expect(listed[0]!.because).toMatch(/^At space 4: /);
  });

  test('a danger at the main is listed once, as the main’s; a breaker’s own beside it', () => {
    const wet = { observations: [anObservation('water-signs', 'wet-now')] };
    const main = aBreakerRecord({ ...wet, breaker: { id: uuid(9), role: 'main', space: null } });
    const behindIt = (parts: BreakerRecordParts) => {
      const evidence = gatherEvidence(aDossier(parts, { main }));
      return boardBreakerOf(evidence, { id: uuid(1), at, decision: decide(evidence) });
    };
    const own = { observations: [anObservation('smell', 'hot-plastic')], breaker: { space: 3 } };
    const all = [onBoard({ ...wet, breaker: { role: 'main', space: null } }), behindIt({}), behindIt(own)];
    expect(all.map((entry) => entry.decision.stop)).toEqual([true, true, true]);
    expect(attentionOf(closed, all).map((one) => one.label)).toEqual(['Whole panel']);
    expect(attentionOf(closed, all)[0]!.because).toMatch(/^At the main: .* At space 3: /);
  });

  test('each with main reason; an open hole is the panel’s own', () => {
    const listed = attentionOf({ holes: [7] }, [loose, sizzling, quiet]);
    expect(listed.map((one) => [one.label, one.space, one.breakerId === null])).toEqual([
      ['Whole panel', 4, false],
      ['Loose', 5, false],
      ['Open slot at space 7', 7, true],
    ]);
    expect(listed.every((one) => one.because.length > 10)).toBe(true);
  });

  test('urgency falls from danger to keep', () => {
    const gritty = named(6, 'Gritty', { observations: [anObservation('reset-feel', 'hard-or-gritty')] });
    const order = [sizzling, oversized, gritty, unknown, quiet].map((entry) => urgency(entry.decision));
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(new Set(order).size).toBe(order.length);
  });

  test('a breaker whose circuit has no name is called by its place', () => {
    const loose = [anObservation('terminal-inspection', 'loose')];
    const nameless = onBoard({ breaker: { space: 7 }, observations: loose });
    const main = onBoard({ breaker: { space: null, role: 'main' }, observations: loose });
    expect(attentionOf(closed, [nameless, main]).map((one) => one.label)).toEqual(['Space 7', 'Main']);
  });
});
