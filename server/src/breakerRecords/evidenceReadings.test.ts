import { expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import { decide } from '@phylaxon/core/diagnosis/decision';
import { gatherEvidence, type BreakerRecord } from '@phylaxon/core/diagnosis/evidence';
import { breakerInput, panelInput, type eventInput } from '@phylaxon/core/record/entities';
import { DEFAULT_POLICIES } from '@phylaxon/core/record/settings';
import fc from 'fast-check';
import { In, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { Edit, insertLogged, newRowId } from '../edit/index.ts';
import { ReadingTable, Store, StrikeTable, type ReadingRow } from '../store/index.ts';
import { breakerRecords } from './breakerRecords.ts';
import { addPanel, addSite, fitBreaker, logEvent, panelRow, readingOf } from '../record/index.ts';

const MINUTE = 60_000;
const START = Date.UTC(2026, 0, 1);
/** Times cluster: visits of a few hours, days apart. */
const anInstant = fc
  .tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 400 }))
  .map(([visit, minute]) => new Date(START + visit * 20 * 3600 * 1000 + minute * MINUTE).toISOString());

const POINTS = {
  voltage: ['outlet', 'load-terminal', 'load-terminal-2', 'leg-a', 'leg-b'],
  current: ['conductor', 'plug'],
  temperature: ['face', 'terminal'],
  millivolts: ['across'],
  power: ['plug'],
} as const;
const VALUES = {
  voltage: [0, 20, 29, 31, 95, 118, 121, 240],
  current: [0, 2, 9, 17, 26],
  temperature: [20, 24, 33, 41, 66, 95],
  millivolts: [10, 30, 120],
  power: [60, 850],
};

const aReading = fc
  .constantFrom(
    'voltage' as const,
    'current' as const,
    'temperature' as const,
    'millivolts' as const,
    'power' as const,
  )
  .chain((quantity) =>
    fc.record({
      who: fc.constantFrom(0, 1, 2, 3, 4, 4, 4),
      quantity: fc.constant(quantity),
      point: fc.constantFrom<ReadingRow['point']>(...POINTS[quantity]),
      value: fc.constantFrom(...VALUES[quantity]),
      at: anInstant,
    }),
  );
const aStrike = fc.integer({ min: 0, max: 9 }).map((n) => n === 7);
const anEvent = fc.record({
  who: fc.nat({ max: 4 }),
  at: anInstant,
  event: fc.constantFrom<Partial<z.input<typeof eventInput>>>(
    { kind: 'handle', position: 'off' },
    { kind: 'handle', position: 'on' },
    { kind: 'trip', pace: 'minutes', amps: 19 },
    { kind: 'reset', feel: 'clean-clicks', result: 'holds' },
  ),
});

/** The same files with every standing reading in them. */
async function withAllReadings(manager: EntityManager, files: BreakerRecord[]): Promise<BreakerRecord[]> {
  const ids = files.map(({ breaker }) => breaker.id);
  const struck = new Set((await manager.find(StrikeTable)).map((row) => row.readingId));
  const rows = await manager.find(ReadingTable, {
    where: { breakerId: In(ids) },
    order: { at: 'ASC', loggedAt: 'ASC' },
  });
  const standing = rows.filter((row) => !struck.has(row.id)).map((row) => readingOf(row, null));
  return files.map((file) => ({
    ...file,
    entries: { ...file.entries, readings: standing.filter((row) => row.breakerId === file.breaker.id) },
  }));
}

test('law: evidence from the readings that are asked for is the evidence from all of them', async () => {
  const store = await Store.open(':memory:');
  const panelId = await store.write(async (manager) => {
    const edit = new Edit(manager);
    const site = await addSite(manager, { name: 'Shed', note: '', zone: null });
    const panel = await addPanel(edit, site.id, panelInput.parse({ name: 'P', spaces: 12, mainAmps: 60 }));
    for (const [space, poles] of [
      [1, 1],
      [2, 1],
      [3, 1],
      [4, 2],
    ] as const)
      await fitBreaker(edit, panel.id, breakerInput.parse({ space, poles, ratingAmps: 20 }));
    return panel.id;
  });

  const record = fc.tuple(
    fc.array(fc.tuple(aReading, aStrike), { minLength: 60, maxLength: 160 }),
    fc.array(anEvent, { minLength: 3, maxLength: 12 }),
  );
  await fc.assert(
    fc.asyncProperty(record, async ([readings, events]) => {
      const undo = new Error('undo');
      await store
        .write(async (manager) => {
          const files = await breakerRecords(manager, panelId);
          const idOf = (who: number) => files[who]!.breaker.id;
          const rows = readings.map(([{ who, ...rest }], i): ReadingRow => ({
            ...rest,
            id: newRowId(),
            breakerId: idOf(who),
            // Every entry a moment of its own, so that none ties with another.
            loggedAt: new Date(START + i).toISOString(),
            who: null,
            note: '',
            caseId: null,
            simulated: false,
            ambientC: rest.quantity === 'temperature' ? 20 : null,
            loadState: 'normal',
            instrument: 'unknown',
            error: null,
          }));
          await insertLogged(manager, 'readings', rows);
          for (const [i, [, isStruck]] of readings.entries()) {
            if (!isStruck) continue;
            await manager.query(
              `INSERT INTO strike (id, readingId, at, why) VALUES (?, ?, '2026', 'wrong')`,
              [newRowId(), rows[i]!.id],
            );
          }
          for (const { who, at, event } of events)
            await logEvent(new Edit(manager), idOf(who), { note: '', ...event, at } as z.output<
              typeof eventInput
            >);

          const panel = await panelRow(manager, panelId);
          const some = await breakerRecords(manager, panelId);
          const all = await withAllReadings(manager, some);
          const evidence = (list: BreakerRecord[]) =>
            list.map((subject) =>
              gatherEvidence({
                panel,
                policies: DEFAULT_POLICIES,
                subject,
                main: list.find(({ breaker }) => breaker.role === 'main')!,
                others: list.filter((file) => file !== subject),
                curves: [],
                learned: null,
              }),
            );
          const [fromSome, fromAll] = [evidence(some), evidence(all)];
          expect(fromSome).toEqual(fromAll);
          expect(fromSome.map((one) => decide(one))).toEqual(fromAll.map((one) => decide(one)));
          throw undo;
        })
        .catch((error: unknown) => {
          if (error !== undo) throw error;
        });
    }),
    // To make a record of 160 readings smaller takes longer than a test may.
    { numRuns: runs(30, 300), endOnFailure: true },
  );
  await store.close();
});
