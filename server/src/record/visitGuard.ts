import { ON_A_VISIT } from '@phylaxon/core/record/panelEntries';
import { claimedPanels, lockedBreakers, type SiteNetwork } from '@phylaxon/core/visit/lockout';
import { isOpen, walk, type VisitFact, type WorkState } from '@phylaxon/core/visit/work';
import { standsIn } from '@phylaxon/core/views/visit';
import type { EntityManager } from 'typeorm';
import { LOGGED, STEP_KEPT } from '../edit/index.ts';
import { conflict } from '../errors/index.ts';
import {
  among,
  BreakerTable,
  PanelTable,
  UNFINISHED_VISITS,
  type BreakerRow,
  type EntryRef,
  type EventRow,
  type PanelRow,
  type RowChange,
} from '../store/index.ts';
import { siteOfPanel } from './panelRows.ts';
import { visitsOf, type KnownVisit } from './visits.ts';
import * as messages from './messages.ts';

/** A visit under way, with everything that it holds. */
export interface VisitUnderWay {
  visit: KnownVisit;
  panelId: string;
  panelName: string;
  state: WorkState;
  /** Panels that its shutdown de-energizes, and everything fed from there. */
  claimed: string[];
  /** Mains and feeders between the service and the panel. */
  locked: string[];
  /** The breakers that it works on, and the parts that go in. */
  worked: string[];
}

/** Panels of a site with a visit that was begun and has no end on record. */
const UNFINISHED = `SELECT DISTINCT panelId FROM (${UNFINISHED_VISITS})
  WHERE panelId IN (SELECT id FROM panel WHERE siteId = ?)`;

/** The panels and breakers of a site before some rows of it were changed. */
async function networkOf(
  manager: EntityManager,
  siteId: string,
  changed: readonly RowChange[],
): Promise<SiteNetwork> {
  const panels = new Map((await manager.findBy(PanelTable, { siteId })).map((row) => [row.id, row]));
  const rows = await manager.findBy(BreakerTable, { panelId: among([...panels.keys()]) });
  const breakers = new Map(rows.map((row) => [row.id, row]));
  for (const { table, id, before } of [...changed].reverse()) {
    if (table === 'panel') put(panels, id, before as PanelRow | null);
    if (table === 'breaker') put(breakers, id, before as BreakerRow | null);
  }
  const standing = <T extends { removedAt: string | null }>(all: Map<string, T>) =>
    [...all.values()].filter(({ removedAt }) => removedAt === null);
  return { panels: standing(panels), breakers: standing(breakers) };
}

function put<T>(rows: Map<string, T>, id: string, row: T | null): void {
  if (row === null) rows.delete(id);
  else rows.set(id, row);
}

/**
 * The visits under way at a site, each with everything that it holds.
 *
 * @param changed rows that were changed just now: the visits hold what was there before
 */
export async function visitsUnderWay(
  manager: EntityManager,
  siteId: string,
  changed: readonly RowChange[] = [],
): Promise<VisitUnderWay[]> {
  const unfinished = (await manager.query(UNFINISHED, [siteId])) as { panelId: string }[];
  if (unfinished.length === 0) return [];
  const network = await networkOf(manager, siteId, changed);
  const found: VisitUnderWay[] = [];
  for (const { panelId } of unfinished) {
    const { name } = await manager.findOneByOrFail(PanelTable, { id: panelId });
    for (const visit of await visitsOf(manager, panelId)) {
      const { state } = walk(
        visit.plan,
        visit.steps.map(({ fact }) => fact),
      );
      if (standsIn(state, visit.steps.length > 0) !== 'under-way') continue;
      found.push({
        visit,
        panelId,
        panelName: name,
        state,
        claimed: claimedPanels(network, panelId),
        locked: lockedBreakers(network, panelId),
        worked: visit.plan.tasks
          .flatMap(({ breakerId, partId }) => [breakerId, partId])
          .filter((id) => id !== null),
      });
    }
  }
  return found;
}

const held = ({ panelName }: VisitUnderWay, what: string) =>
  conflict('visit_under_way', messages.aVisitToIsInProgress(panelName, what));

/** Fields of a panel that say what de-energizes it, and what it holds. */
const FEEDS = [
  'removedAt',
  'spaces',
  'splitAt',
  'feedThrough',
  'fedByBreakerId',
  'fedThroughPanelId',
] as const;

const isOtherIn = <T extends object>(
  fields: readonly (keyof T)[],
  before: T | null,
  after: T | null,
): boolean => fields.some((field) => (before?.[field] ?? null) !== (after?.[field] ?? null));

/**
 * Refuse a change of the drawing that takes away what a visit under way works on, or what its lockout rests on.
 *
 * @param rows the change, as it was made just now or as it is to be made
 * @param isMade whether it was made
 */
export async function refuseAgainstVisits(
  manager: EntityManager,
  siteId: string,
  rows: readonly RowChange[],
  isMade: boolean,
): Promise<void> {
  const drawn = rows.filter(({ table }) => table === 'panel' || table === 'breaker');
  if (drawn.length === 0) return;
  for (const one of await visitsUnderWay(manager, siteId, isMade ? drawn : [])) {
    const panels = new Set(one.claimed);
    const breakers = new Set([...one.locked, ...one.worked]);
    for (const { table, id, before, after } of drawn) {
      if (table === 'panel') {
        if (panels.has(id) && isOtherIn(FEEDS, before as PanelRow | null, after as PanelRow | null))
          throw held(one, messages.thisPanelCannotBeRemovedOr);
      } else {
        const row = (after ?? before) as BreakerRow;
        if (breakers.has(id)) throw held(one, messages.theVisitWorksOnThisBreaker);
        if (row.role === 'main' && panels.has(row.panelId))
          throw held(one, messages.theMainOfThisPanelCannot);
      }
    }
  }
}

/** Refuse to delete a site, or to put another in its place, while a visit to it is under way. */
export async function refuseWithoutVisits(manager: EntityManager, siteId: string): Promise<void> {
  const [one] = await visitsUnderWay(manager, siteId);
  if (one) throw held(one, messages.itsStepsCannotBeUndone);
}

/** Facts of a visit that energize something, or take off a lock. */
const ENERGIZING: readonly VisitFact['is'][] = ['unlocked', 'main-on', 'handle-on'];
/** Facts that prove something only with the power on. */
const PROVING: readonly VisitFact['is'][] = ['handle-on', 'verified', 'proof', 'finished'];

/** Whether the panel of a visit is locked out with its main off. */
const isLockedOut = ({ state: { gates } }: VisitUnderWay): boolean => !gates.mainOn && gates.locked;

/**
 * Refuse to begin a visit in what another one claims, and to energize what somebody works on downstream or beside. A visit that
 * shares the shutdown of another begins once that one is locked out; it may close up, and turns nothing on before that one has.
 *
 * @param plan of the visit that goes on
 * @param fact its next step
 */
export async function refuseBesideVisits(
  manager: EntityManager,
  panelId: string,
  { visitId, within }: Pick<KnownVisit['plan'], 'visitId' | 'within'>,
  { isFirst, fact }: { isFirst: boolean; fact: VisitFact },
): Promise<void> {
  const isEnergizing = ENERGIZING.includes(fact.is);
  const isProving = within !== undefined && PROVING.includes(fact.is);
  if (!isFirst && !isEnergizing && !isProving) return;
  const siteId = await siteOfPanel(manager, panelId);
  const claimed = claimedPanels(await networkOf(manager, siteId, []), panelId);
  for (const one of await visitsUnderWay(manager, siteId)) {
    if (one.visit.plan.visitId === visitId || !one.claimed.some((id) => claimed.includes(id))) continue;
    const isAround = one.visit.plan.visitId === within;
    if (isFirst && isAround && !isLockedOut(one)) throw held(one, messages.lockOutItsPanelFirst);
    if (isFirst && !isAround) throw held(one, messages.bothWouldDeEnergizeTheSame);
    if (!isOpen(one.state)) continue;
    // Under the lock of the other, its own lock and its own main energize nothing, and nothing can be proved.
    if (isAround && isProving) throw held(one, messages.turnThatPanelOnFirst);
    if (!isAround && isEnergizing) throw held(one, messages.leaveEverythingLockedOutHands);
  }
}

const turnsOn = ({ kind, position }: Pick<EventRow, 'kind' | 'position'>): boolean =>
  kind === 'reset' || (kind === 'handle' && position === 'on');

/** Refuse to turn on what is locked out for a visit whose work is open. */
export async function refuseTurningOn(
  manager: EntityManager,
  { id, panelId }: Pick<BreakerRow, 'id' | 'panelId'>,
  event: Pick<EventRow, 'kind' | 'position' | 'at'>,
): Promise<void> {
  if (!turnsOn(event)) return;
  const siteId = await siteOfPanel(manager, panelId);
  for (const one of await visitsUnderWay(manager, siteId)) {
    const begun = Date.parse(one.visit.steps[0]!.at);
    if (!isOpen(one.state) || Date.parse(event.at) < begun) continue;
    if (one.locked.includes(id) || one.claimed.includes(panelId))
      throw conflict('locked_out', messages.lockedOutWorkIsInProgress(one.panelName));
  }
}

/** Refuse to work breakers of a panel that is locked out for a visit whose work is open. */
export async function refuseSwitching(manager: EntityManager, panelId: string): Promise<void> {
  const siteId = await siteOfPanel(manager, panelId);
  for (const one of await visitsUnderWay(manager, siteId))
    if (isOpen(one.state) && one.claimed.includes(panelId))
      throw conflict('locked_out', messages.lockedOutWorkIsInProgressIn(one.panelName));
}

/**
 * Refuse to strike what a visit told: a step for ever, and while the visit is under way what it logged at its breakers.
 *
 * @param refs what is to be struck
 */
export async function refuseVisitStrikes(
  manager: EntityManager,
  siteId: string,
  refs: readonly EntryRef[],
): Promise<void> {
  const idsOf = (kind: EntryRef['kind']) =>
    JSON.stringify(refs.filter((ref) => ref.kind === kind).map(({ id }) => id));
  const count = async (sql: string, params: unknown[]) =>
    ((await manager.query(`SELECT count(*) AS n FROM ${sql}`, params)) as [{ n: number }])[0].n;
  const own = idsOf('panelEntries');
  const isIn = 'id IN (SELECT value FROM json_each(?))';
  if ((await count(`panel_entry WHERE kind = 'visit-step' AND ${isIn}`, [own])) > 0)
    throw conflict('visit_step_kept', STEP_KEPT);
  const begun = `panel_entry e WHERE e.kind = 'visit' AND e.${isIn} AND EXISTS (SELECT 1 FROM panel_entry s
    WHERE s.panelId = e.panelId AND s.kind = 'visit-step'
    AND json_extract(s.content, '$.visitId') = json_extract(e.content, '$.visitId'))`;
  if ((await count(begun, [own])) > 0) throw conflict('visit_begun', messages.thisVisitHasStartedSoIt);
  for (const { visit, panelId, panelName } of await visitsUnderWay(manager, siteId)) {
    const times = JSON.stringify(visit.steps.map(({ at }) => at));
    for (const kind of ['observations', 'readings', 'notes'] as const) {
      const found = `"${LOGGED[kind].table.options.name}" WHERE ${isIn} AND note LIKE '${ON_A_VISIT}%'
        AND at IN (SELECT value FROM json_each(?)) AND breakerId IN (SELECT id FROM breaker WHERE panelId = ?)`;
      if ((await count(found, [idsOf(kind), times, panelId])) > 0)
        throw conflict('visit_under_way', messages.thisWasFoundOnTheVisit(panelName));
    }
  }
}
