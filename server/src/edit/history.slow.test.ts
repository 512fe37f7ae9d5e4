import { beforeEach, describe, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import {
  breakerInput,
  breakerMove,
  circuitInput,
  curveInput,
  panelChange,
  panelInput,
  readingInput,
  replacementInput,
} from '@phylaxon/core/record/entities';
import fc from 'fast-check';
import { IsNull, type EntityManager } from 'typeorm';
import { Refusal } from '../errors/index.ts';
import { Changes } from '../changes/index.ts';
import {
  addPanel,
  addSite,
  branchesOf,
  changeBreaker,
  changePanel,
  changeSite,
  duplicatePanel,
  fitBreaker,
  fitDirectory,
  logReadings,
  moveBreaker,
  panelsOf,
  removeBreaker,
  removePanel,
  replaceBreaker,
  removeCurve,
  setCircuit,
  setCurve,
  strike,
  tieBreakers,
} from '../record/index.ts';
import {
  BreakerTable,
  CircuitTable,
  CurveTable,
  EditTable,
  LoadTable,
  PanelTable,
  ReadingTable,
  SiteTable,
  Store,
  StrikeTable,
} from '../store/index.ts';
import { RecordService } from '../recordService/index.ts';
import { undoRedoOf, type Edit } from './index.ts';

let store: Store;
let record: RecordService;
let siteId: string;

beforeEach(async () => {
  store = await Store.open(':memory:');
  record = new RecordService(store, new Changes());
  ({ id: siteId } = await store.write((manager) => addSite(manager, { name: 'Shed', note: '', zone: null })));
});

/** One random action: what is done, and numbers that choose with what. */
interface Action {
  verb: number;
  a: number;
  b: number;
}

type Verb = (edit: Edit, at: { panelId: string; ids: string[] }, action: Action) => Promise<unknown>;

/** One of a list; where there is none, there is nothing to do it with. */
function pick<T>(list: readonly T[], n: number): T {
  if (list.length === 0) throw new TypeError('nothing to pick from');
  return list[n % list.length]!;
}
const AT = '2026-11-01T10:00:00.000Z';

const versionOf = async ({ manager }: Edit, id: string) =>
  (await manager.findOneByOrFail(BreakerTable, { id })).version;

const VERBS: Verb[] = [
  (edit, { panelId }, { a, b }) =>
    fitBreaker(
      edit,
      panelId,
      breakerInput.parse({
        space: (a % 12) + 1,
        poles: (b % 2) + 1,
        ratingAmps: 20,
        half: pick([null, null, 'upper', 'inner'], a + b),
      }),
    ),
  async (edit, { ids }, { a, b }) =>
    changeBreaker(edit, pick(ids, a), {
      version: await versionOf(edit, pick(ids, a)),
      asFound: false,
      ratingAmps: 15 + b,
      family: pick(['', 'Orrin S'], b),
    }),
  async (edit, { ids }, { a, b }) => {
    const version = await versionOf(edit, pick(ids, a));
    const move = breakerMove.parse({ space: (b % 12) + 1, exchange: b % 2 === 0, version });
    return moveBreaker(edit, pick(ids, a), move);
  },
  (edit, { ids }, { a }) => removeBreaker(edit, pick(ids, a)),
  async (edit, { ids }, { a, b }) => {
    const version = await versionOf(edit, pick(ids, a));
    return replaceBreaker(
      edit,
      pick(ids, a),
      replacementInput.parse({ ratingAmps: 15 + b, why: 'worn', version }),
    );
  },
  (edit, { ids }, { a, b }) => tieBreakers(edit, pick(ids, a), b % 4 === 0 ? null : pick(ids, b)),
  async (edit, { ids }, { a, b }) =>
    setCircuit(
      edit,
      pick(ids, a),
      circuitInput.parse({
        version: (await edit.manager.findOneBy(CircuitTable, { breakerId: pick(ids, a) }))?.version,
        label: `Circuit ${b}`,
        loads: Array.from({ length: b % 3 }, (_, i) => ({ name: `Load ${i}`, volts: 120, watts: 100 + b })),
      }),
    ),
  (edit, { panelId }, { a, b }) =>
    fitDirectory(
      edit,
      panelId,
      `${(a % 12) + 1} hall 15\n${(b % 12) + 1} porch 20 gf\n${((a + b) % 12) + 1} blank`,
    ),
  async (edit, { panelId }, { a, b }) =>
    changePanel(
      edit,
      panelId,
      panelChange.parse({
        version: (await edit.manager.findOneBy(PanelTable, { id: panelId }))?.version ?? 0,
        name: `Panel ${a}`,
        spaces: 12,
        mainAmps: pick([null, 60, 100], b),
        orientation: pick(['upright', 'inverted', 'left', 'right'], a),
      }),
    ),
  (edit, _at, { a }) =>
    addPanel(edit, siteId, panelInput.parse({ name: `Sub ${a}`, spaces: 12, mainAmps: 60 })),
  (edit, { panelId }, { a }) => duplicatePanel(edit, panelId, `Copy ${a}`),
  (edit, { panelId }) => removePanel(edit, panelId),
  async (edit, _at, { a }) => {
    const { version } = await edit.manager.findOneByOrFail(SiteTable, { id: siteId });
    return changeSite(edit, siteId, { name: `Shed ${a}`, note: '', zone: null, version });
  },
  (edit, { ids }, { a, b }) =>
    logReadings(edit, pick(ids, a), [
      readingInput.parse({ quantity: 'voltage', point: 'outlet', value: 110 + b, at: AT }),
    ]),
  async (edit, { ids }, { a }) => {
    const rows = await edit.manager.findBy(ReadingTable, { breakerId: pick(ids, a) });
    return strike(edit, { kind: 'readings', id: pick(rows, a).id }, 'misread', null);
  },
  (edit, _at, { a, b }) =>
    setCurve(
      edit,
      siteId,
      curveInput.parse({
        family: pick(['Orrin S', 'Orrin C'], a),
        points: [
          { multiple: 2, fastestSeconds: 10 + b, slowestSeconds: 100 + b },
          { multiple: 3, fastestSeconds: 5, slowestSeconds: 40 },
        ],
      }),
    ),
  async (edit, _at, { a }) => removeCurve(edit, pick(await edit.manager.find(CurveTable), a).id),
];

/** Do an action; what cannot be is refused and changes nothing. Returns whether it was done. */
async function act(action: Action): Promise<boolean> {
  const panels = await store.read((manager) => panelsOf(manager, siteId));
  const panelId = panels.length > 0 ? pick(panels, action.b).id : '';
  const ids =
    panelId === '' ? [] : (await store.read((manager) => branchesOf(manager, panelId))).map(({ id }) => id);
  try {
    await record.change(async (edit) => {
      await VERBS[action.verb % VERBS.length]!(edit, { panelId, ids }, action);
      if (panelId !== '') edit.touch(panelId);
      return { label: 'An edit', siteId, result: null };
    });
    return true;
  } catch (error) {
    // Refused, or there was nothing to do it with.
    if (error instanceof Refusal || error instanceof TypeError) return false;
    throw error;
  }
}

const without = (row: object, ...fields: string[]) =>
  Object.fromEntries(Object.entries(row).filter(([field]) => !fields.includes(field)));
const sorted = (rows: object[]) => rows.map((row) => JSON.stringify(row)).sort();

/** The site as it stands: what was removed or struck is not part of it, ids of logged rows are not either. */
async function state() {
  return store.read(async (manager: EntityManager) => {
    const standing = { where: { removedAt: IsNull() } };
    const struck = new Set((await manager.find(StrikeTable)).map((row) => row.readingId));
    const breakers = await manager.find(BreakerTable, standing);
    const present = new Set(breakers.map(({ id }) => id));
    const readings = (await manager.find(ReadingTable)).filter(
      (row) => !struck.has(row.id) && present.has(row.breakerId),
    );
    const circuits = (await manager.find(CircuitTable)).filter((row) => present.has(row.breakerId));
    const shown = new Set(circuits.map(({ id }) => id));
    const loads = (await manager.find(LoadTable)).filter((row) => shown.has(row.circuitId));
    return {
      site: (await manager.find(SiteTable)).map((row) => without(row, 'version')),
      panels: sorted((await manager.find(PanelTable, standing)).map((row) => without(row, 'version'))),
      breakers: sorted(breakers.map((row) => without(row, 'version'))),
      circuits: sorted(circuits.map((row) => without(row, 'version'))),
      loads: sorted(loads),
      curves: sorted((await manager.find(CurveTable)).map((row) => without(row, 'version'))),
      readings: sorted(readings.map((row) => without(row, 'id', 'loggedAt'))),
    };
  });
}

async function step(direction: 'undo' | 'redo'): Promise<boolean> {
  const next = (await store.read((manager) => undoRedoOf(manager, siteId)))[direction];
  if (!next) return false;
  await record.step(siteId, direction, next.id);
  return true;
}

const action = fc.record({ verb: fc.nat({ max: 16 }), a: fc.nat({ max: 40 }), b: fc.nat({ max: 40 }) });

describe('undo and redo', () => {
  test('law: random edits undone one by one are the states before them, and redone the states after', async () => {
    const opening: Action[] = [
      { verb: 9, a: 0, b: 0 },
      { verb: 0, a: 0, b: 0 },
      { verb: 0, a: 4, b: 2 },
    ];
    await fc.assert(
      fc.asyncProperty(fc.array(action, { minLength: 8, maxLength: 24 }), fc.nat(), async (actions, stop) => {
        store = await Store.open(':memory:');
        record = new RecordService(store, new Changes());
        ({ id: siteId } = await store.write((manager) =>
          addSite(manager, { name: 'Shed', note: '', zone: null }),
        ));
        const states = [await state()];
        for (const one of [...opening, ...actions]) {
          const before = states.at(-1)!;
          const done = await act(one);
          const after = await state();
          // What is refused changes nothing; what changes nothing is not remembered.
          if (!done) expect(after).toEqual(before);
          if (JSON.stringify(after) !== JSON.stringify(before)) states.push(after);
        }
        const edits = await store.read((manager) => manager.count(EditTable));
        expect(edits).toBe(states.length - 1);
        // Back some of the way, forth again, then all the way back and forth.
        for (const turns of [stop % states.length, states.length - 1]) {
          for (let i = 1; i <= turns; i++) {
            expect(await step('undo')).toBe(true);
            expect(await state()).toEqual(states.at(-1 - i));
          }
          for (let i = turns - 1; i >= 0; i--) {
            expect(await step('redo')).toBe(true);
            expect(await state()).toEqual(states.at(-1 - i));
          }
        }
        expect(await step('redo')).toBe(false);
        await store.close();
      }),
      { numRuns: runs(8, 25) },
    );
  });

  test('a new edit after undo leaves nothing to redo', async () => {
    await act({ verb: 9, a: 1, b: 0 });
    await act({ verb: 0, a: 1, b: 0 });
    await step('undo');
    await act({ verb: 0, a: 5, b: 0 });
    expect((await store.read((manager) => undoRedoOf(manager, siteId))).redo).toBeNull();
  });

  test('an undo that was meant for another edit is refused and changes nothing', async () => {
    await act({ verb: 9, a: 1, b: 0 });
    const meant = (await store.read((manager) => undoRedoOf(manager, siteId))).undo!;
    await act({ verb: 0, a: 1, b: 0 });
    const before = await state();
    await expect(record.step(siteId, 'undo', meant.id)).rejects.toMatchObject({ kind: 'conflict' });
    expect(await state()).toEqual(before);
  });

  test('a logged reading that is taken back stays on record, struck; done again it stands anew', async () => {
    await act({ verb: 9, a: 1, b: 0 });
    await act({ verb: 0, a: 1, b: 0 });
    await act({ verb: 13, a: 0, b: 5 });
    await step('undo');
    const rows = await store.read((manager) => manager.find(StrikeTable));
    expect(rows.map((row) => row.why)).toEqual(['Undone: An edit']);
    expect((await state()).readings).toEqual([]);
    await step('redo');
    expect((await state()).readings).toHaveLength(1);
    expect(await store.read((manager) => manager.count(ReadingTable))).toBe(2);
  });
});
