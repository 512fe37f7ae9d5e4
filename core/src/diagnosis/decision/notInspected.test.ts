import { describe, expect, test } from '@jest/globals';
import { aCircuit, aDossier, anObservation } from '../../testing/index.ts';
import { gatherEvidence } from '../evidence/index.ts';
import { decide } from './index.ts';
import { notInspected } from './notInspected.ts';

const sound = [
  anObservation('load-terminal-voltage', 'normal'),
  anObservation('face-temperature', 'like-neighbours'),
  anObservation('outlet-voltage', 'normal'),
];
const INSPECTED = [
  anObservation('terminal-inspection', 'clean-and-tight'),
  anObservation('conductor-vs-breaker', 'matched'),
  anObservation('stab-inspection', 'clean'),
];

describe('parts behind the cover', () => {
  test('that nobody inspected are named with every answer that keeps the breaker, and when to inspect them', () => {
    const evidence = gatherEvidence(aDossier({ observations: sound }));
    const { family, steps } = decide(evidence);
    expect(family).toBe('keep');
    expect(steps.at(-1)).toBe(
      'Not inspected: its terminal, the conductor size and the bus stab, behind the panel cover. Have an electrician inspect them within 12 months.',
    );
  });

  test('are left out once inspected; a known conductor counts', () => {
    const evidence = gatherEvidence(
      aDossier({ observations: [...sound, INSPECTED[0]!], circuit: aCircuit() }),
    );
    expect(notInspected('keep', evidence).join('')).toContain('the bus stab');
    expect(notInspected('keep', evidence).join('')).not.toContain('its terminal');
    const all = gatherEvidence(aDossier({ observations: [...sound, ...INSPECTED] }));
    expect(notInspected('keep', all)).toEqual([]);
  });

  test('are not named with work that opens the panel', () => {
    const evidence = gatherEvidence(aDossier({ observations: sound }));
    expect(notInspected('replace-breaker', evidence)).toEqual([]);
    expect(notInspected('reset-and-watch', evidence)).toHaveLength(1);
  });
});
