import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { gatherEvidence, type BreakerRecord, type Evidence } from '@phylaxon/core/diagnosis/evidence';
import type { Curve } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { learnedAt } from '../outcomes/index.ts';
import { breakerRecords, curvesOf } from '../record/index.ts';
import { readSettings } from '../settings/index.ts';
import { PanelRevisionTable, type PanelRow } from '../store/index.ts';

/** What is on record of a panel’s breakers, as evidence looks at it, and what it shows; both in the same order. */
export interface PanelEvidence {
  records: BreakerRecord[];
  curves: Curve[];
  evidence: Evidence[];
}

/** So many panels are remembered; the one that was asked for longest ago is forgotten first. */
const REMEMBERED = 100;

/**
 * By revision: no two states of any record share one, so what is remembered need never be thrown away. Whatever changes
 * what a panel’s evidence is gathered from gives it another in the same transaction; who reads an older state of the
 * record reads its older revision.
 */
const remembered = new Map<string, PanelEvidence>();
let gathered = 0;

/** How often the evidence of a panel was gathered since the server began. */
export const timesGathered = (): number => gathered;

/** The evidence about the breakers of a panel, gathered once for each state of its record. */
export async function panelEvidence(manager: EntityManager, panel: PanelRow): Promise<PanelEvidence> {
  const row = await manager.findOneBy(PanelRevisionTable, { panelId: panel.id });
  const known = row && remembered.get(row.revision);
  const found = known ?? (await gather(manager, panel));
  if (row) remember(row.revision, found);
  return found;
}

/**
 * The evidence about the breakers of a panel whose record was changed in this transaction. Where it is what it was before,
 * it is the same object, with all that was worked out from it. Should the transaction be rolled back, nobody will ever
 * read the revision under which it is remembered.
 */
export async function gatherAnew(manager: EntityManager, panel: PanelRow): Promise<PanelEvidence> {
  const before = await manager.findOneBy(PanelRevisionTable, { panelId: panel.id });
  const revision = randomUUID();
  await manager.upsert(PanelRevisionTable, { panelId: panel.id, revision }, ['panelId']);
  const fresh = await gather(manager, panel);
  const known = before && remembered.get(before.revision);
  const found = known ? { ...fresh, evidence: keepUnchanged(known.evidence, fresh.evidence) } : fresh;
  remember(revision, found);
  return found;
}

/** The evidence as it is now, with the objects of before wherever they say the same. */
function keepUnchanged(before: readonly Evidence[], now: readonly Evidence[]): Evidence[] {
  const known = new Map(before.map((one) => [one.breaker.id, one]));
  return now.map((one) => {
    const old = known.get(one.breaker.id);
    return old && isDeepStrictEqual(old, one) ? old : one;
  });
}

function remember(revision: string, found: PanelEvidence): void {
  remembered.delete(revision);
  remembered.set(revision, found);
  if (remembered.size > REMEMBERED) remembered.delete(remembered.keys().next().value!);
}

async function gather(manager: EntityManager, panel: PanelRow): Promise<PanelEvidence> {
  gathered++;
  const policies = await readSettings(manager);
  const records = await breakerRecords(manager, panel.id);
  const curves = await curvesOf(manager, panel.siteId);
  const teaches = await learnedAt(manager, panel.siteId);
  const main = records.find(({ breaker }) => breaker.role === 'main') ?? null;
  const evidence = records.map((subject) =>
    gatherEvidence({
      panel,
      policies,
      subject,
      main,
      others: records.filter((one) => one !== subject),
      curves,
      learned: teaches(subject.breaker),
    }),
  );
  return { records, curves, evidence };
}
