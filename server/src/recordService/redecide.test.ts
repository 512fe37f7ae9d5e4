import { beforeEach, describe, expect, test } from '@jest/globals';
import { breakerInput, panelInput, readingInput } from '@phylaxon/core/record/entities';
import { Edit } from '../edit/index.ts';
import { addPanel, addSite, fitBreaker, logReadings, removeBreaker } from '../record/index.ts';
import { Store, VerdictTable } from '../store/index.ts';
import { redecideOutdated, redecidePanel, latestVerdicts, verdictOf } from './index.ts';

let store: Store;
let panelId: string;
let ids: string[];

beforeEach(async () => {
  store = await Store.open(':memory:');
  await store.write(async (manager) => {
    const edit = new Edit(manager);
    const site = await addSite(manager, { name: 'Shed', note: '', zone: null });
    ({ id: panelId } = await addPanel(edit, site.id, panelInput.parse({ name: 'Panel', spaces: 8 })));
    const fit = (space: number) =>
      fitBreaker(edit, panelId, breakerInput.parse({ space, poles: 1, ratingAmps: 20 }));
    ids = [(await fit(1)).id, (await fit(2)).id, (await fit(3)).id];
    await redecidePanel(manager, panelId);
  });
});

const latest = async (id: string) =>
  verdictOf((await store.read((manager) => latestVerdicts(manager, [panelId]))).get(id)!).decision;
const count = () => store.read((manager) => manager.count(VerdictTable));
const soak = (id: string, surface: number) =>
  store.write(async (manager) => {
    const at = '2026-11-01T10:00:00Z';
    const readings = [
      { quantity: 'current', point: 'conductor', value: 12, at },
      { quantity: 'temperature', point: 'terminal', value: surface, ambientC: 20, at },
    ];
    await logReadings(
      new Edit(manager),
      id,
      readings.map((reading) => readingInput.parse(reading)),
    );
    await redecidePanel(manager, panelId);
  });

describe('deciding anew', () => {
  test('appends nothing where the decision is the one that stood', async () => {
    expect(await count()).toBe(3);
    await store.write((manager) => redecidePanel(manager, panelId));
    expect(await count()).toBe(3);
  });

  test('a reading on one breaker changes what is decided of its neighbor', async () => {
    await soak(ids[0]!, 33);
    expect((await latest(ids[0]!)).action).toBe('keep');
    await soak(ids[1]!, 28);
    await soak(ids[2]!, 28);
    expect((await latest(ids[0]!)).action).toBe('remake-joint');
  });

  test('a breaker that was taken out is not decided about any more', async () => {
    await store.write(async (manager) => {
      await removeBreaker(new Edit(manager), ids[0]!);
      await redecidePanel(manager, panelId);
    });
    expect((await store.read((manager) => latestVerdicts(manager, [panelId]))).has(ids[0]!)).toBe(false);
    expect(await store.read((manager) => manager.countBy(VerdictTable, { breakerId: ids[0]! }))).toBe(1);
  });

  test('verdicts of an older engine are decided anew when the server starts, and kept', async () => {
    await store.write((manager) =>
      manager.query(
        `INSERT INTO verdict SELECT 'old', breakerId, at, 'rules-0', action, family, decision FROM verdict WHERE breakerId = '${ids[0]}'`,
      ),
    );
    const before = await count();
    await store.write(redecideOutdated);
    expect(await count()).toBe(before + 1);
    await store.write(redecideOutdated);
    expect(await count()).toBe(before + 1);
  });
});
