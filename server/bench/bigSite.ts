import { seeded } from '@phylaxon/core/facts/random';
import { breakerInput, circuitInput, panelInput, type Reading } from '@phylaxon/core/record/entities';
import { Edit, insertLogged, newRowId } from '../src/edit/index.ts';
import { addPanel, addSite, fitBreaker, setCircuit } from '../src/record/index.ts';
import type { ReadingRow, Store } from '../src/store/index.ts';
import { redecidePanel } from '../src/recordService/index.ts';

interface Size {
  panels: number;
  breakersPerPanel: number;
  readings: number;
}

const YEAR_MS = 365 * 24 * 3_600_000;
const START = Date.UTC(2025, 10, 1);
const POINTS: [ReadingRow['quantity'], Reading['point'], number, number][] = [
  ['current', 'conductor', 2, 14],
  ['voltage', 'outlet', 114, 12],
  ['temperature', 'terminal', 22, 18],
  ['voltage', 'load-terminal', 115, 11],
  ['temperature', 'face', 21, 12],
];

/** A site far larger than any house: panels full of breakers, years of readings. Returns its ids. */
export async function buildBigSite(store: Store, { panels, breakersPerPanel, readings }: Size) {
  const next = seeded(1);
  const drawn = await store.write(async (manager) => {
    const site = await addSite(manager, { name: 'Big site', note: '', zone: null });
    const list: { panelId: string; breakerIds: string[] }[] = [];
    for (let p = 0; p < panels; p++) {
      const edit = new Edit(manager);
      const input = panelInput.parse({
        name: `Panel ${p + 1}`,
        spaces: 42,
        mainAmps: 200,
        family: 'Orrin S',
      });
      const panel = await addPanel(edit, site.id, input);
      const breakerIds: string[] = [];
      for (let b = 1; b <= breakersPerPanel; b++) {
        const { id } = await fitBreaker(
          edit,
          panel.id,
          breakerInput.parse({ space: b, poles: 1, ratingAmps: 20 }),
        );
        const loads = [{ name: `Machine ${b}`, volts: 120 as const, watts: 600 }];
        await setCircuit(edit, id, circuitInput.parse({ label: `Circuit ${p + 1}.${b}`, loads }));
        breakerIds.push(id);
      }
      list.push({ panelId: panel.id, breakerIds });
    }
    return { siteId: site.id, list };
  });
  const everyBreaker = drawn.list.flatMap(({ breakerIds }) => breakerIds);
  const each = Math.floor(readings / everyBreaker.length);
  for (const breakerId of everyBreaker) {
    const rows = Array.from({ length: each }, (): ReadingRow => {
      const [quantity, point, base, spread] = POINTS[Math.floor(next() * POINTS.length)]!;
      const at = new Date(START + next() * YEAR_MS).toISOString();
      return {
        id: newRowId(),
        breakerId,
        at,
        loggedAt: at,
        who: null,
        note: '',
        caseId: null,
        simulated: false,
        quantity,
        point,
        value: base + next() * spread,
        ambientC: quantity === 'temperature' ? 21 : null,
        loadState: 'normal',
        instrument: 'unknown',
        error: null,
      };
    });
    await store.write((manager) => insertLogged(manager, 'readings', rows));
  }
  for (const { panelId } of drawn.list) await store.write((manager) => redecidePanel(manager, panelId));
  return { ...drawn, readings: each * everyBreaker.length };
}
