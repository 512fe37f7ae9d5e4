import { describe, expect, test } from '@jest/globals';
import { inspectionInput, sayInspection } from '../entities/index.ts';
import { INSPECTIONS } from './index.ts';

const at = '2026-11-25T10:00:00.000Z';
const marking = (conductors: object[], tag = '') =>
  inspectionInput.parse({ kind: 'conductor-marking', found: { conductors, tag }, at });

describe('conductor marking', () => {
  test.each([
    [[{ color: 'black' }], '', 'Black', null],
    [[{ color: 'black' }, { color: 'red' }], '12', 'Black and red, tagged “12”', null],
    [[{ color: 'white', remarkedAs: 'black' }], '', 'White re-marked black', null],
    [[{ color: 'white' }], '', 'White', /marks a neutral/],
    [[{ color: 'gray' }, { color: 'black' }], '', 'Gray and black', /marks a neutral/],
    [[{ color: 'bare' }], '', 'Bare', /are grounds/],
    [[{ color: 'white' }, { color: 'green' }], '', 'White and green', /are grounds/],
  ])('%j %s: %s', (conductors, tag, words, concern) => {
    const { found, concern: told } = sayInspection(marking(conductors, tag));
    expect(found).toBe(words);
    if (concern === null) expect(told).toBeNull();
    else
      expect(told).toMatchObject({
        text: expect.stringMatching(concern),
        source: expect.stringMatching(/^NEC/),
      });
  });

  test.each([
    [{ conductors: [] }, 'found.conductors', /at least one conductor/],
    [{ conductors: [{ color: 'purple' }] }, 'found.conductors.0.color', /Choose the insulation color/],
    [{ conductors: [{ color: 'white', remarkedAs: 'green' }] }, 'found.conductors.0.remarkedAs', /./],
    [{ conductors: [{ color: 'red' }], tag: 'x'.repeat(61) }, 'found.tag', /60 characters/],
    [{ conductors: [{ color: 'red' }], gauge: 12 }, 'found', /Unknown field/],
  ])('%j is refused at its field', (found, path, message) => {
    const { error } = inspectionInput.safeParse({ kind: 'conductor-marking', found, at });
    expect(error!.issues.map((issue) => issue.path.join('.'))).toContain(path);
    expect(error!.issues[0]!.message).toMatch(message);
  });
});

test('every kind says who may, and is told in words', () => {
  for (const { name, level } of Object.values(INSPECTIONS)) {
    expect(name).toMatch(/^[A-Z]/);
    expect([0, 1, 2]).toContain(level);
  }
});
