import { expect, test } from '@jest/globals';
import type { SiteSummary } from '@phylaxon/core/views/board';
import { pressing } from './pressing.ts';

const attention = (label: string, urgency: number, breakerId: string | null = label) => ({
  breakerId,
  space: 8,
  label,
  headline: 'Do something',
  because: 'Of something.',
  urgency,
  stop: urgency === 0,
});
const site = (name: string, list: object[]) =>
  ({
    site: { name },
    panels: [{ panel: { id: `${name}-panel`, name: 'Main panel' }, attention: list }],
  }) as unknown as SiteSummary;

test('what needs attention anywhere, most pressing first, with where and how soon', () => {
  const list = pressing([
    site('Cottage', [attention('fridge', 3), attention('hole', 1, null)]),
    site('Loft', [attention('pump', 0)]),
  ]);
  expect(list.map(({ label, when, to, where }) => [label, when, to, where])).toEqual([
    ['pump', 'Stop', '/panels/Loft-panel/breakers/pump', 'Loft, Main panel'],
    ['hole', 'Now', '/panels/Cottage-panel/spaces/8', 'Cottage, Main panel'],
    ['fridge', 'Soon', '/panels/Cottage-panel/breakers/fridge', 'Cottage, Main panel'],
  ]);
});
