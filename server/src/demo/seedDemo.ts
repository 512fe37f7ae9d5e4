import {
  breakerInput,
  caseAnswers,
  caseClosing,
  caseInput,
  circuitInput,
  curveInput,
  eventInput,
  inspectionInput,
  noteInput,
  observationInput,
  panelInput,
  readingInput,
  replacementInput,
  siteInput,
} from '@phylaxon/core/record/entities';
import { panelEntryInput } from '@phylaxon/core/record/panelEntries';
import type { EntityManager } from 'typeorm';
import { caseRecordOf, decisionInCase } from '../cases/index.ts';
import { Edit } from '../edit/index.ts';
import {
  addPanel,
  addSite,
  answerCase,
  branchesOf,
  closeCase,
  fitBreaker,
  logEvent,
  logInspection,
  logNote,
  logObservation,
  logPanelEntry,
  logReadings,
  openNewCase,
  replaceBreaker,
  setCircuit,
  setCurve,
  strike,
  tieBreakers,
} from '../record/index.ts';
import { BreakerTable, SiteTable, type Store } from '../store/index.ts';
import { decisionText, redecideAll, redecidePanel } from '../recordService/index.ts';
import { FERRY_COTTAGE } from './ferryCottage.ts';
import { logHouseMap } from './houseMap.ts';
import { logHeatPictures } from './heatPictures.ts';
import { logVisit } from './visits.ts';
import { logThreeDays } from './threeDays.ts';
import { SAIL_LOFT } from './sailLoft.ts';
import type { DemoCase, DemoEntry, DemoPanel, DemoSite } from './shape.ts';

/** When the demo's panels were drawn: before anything was logged of them. */
const DRAWN_AT = '2025-11-02T09:00:00.000Z';
/** After everything that was logged of them. */
const KNOWN_AT = '2026-11-22T09:00:00.000Z';

/**
 * Fill an empty database with the demo's sites: the panels as they were drawn, then their log in the order
 * it happened, deciding anew after each entry, so that the decisions have a history too. A database that
 * holds a site is left alone.
 */
export async function seedDemo(store: Store): Promise<void> {
  await store.write(async (manager) => {
    if ((await manager.count(SiteTable)) > 0) return;
    for (const site of [SAIL_LOFT, FERRY_COTTAGE]) await seedSite(manager, site);
    // The last of them know how all cases ended.
    await redecideAll(manager, KNOWN_AT);
  });
}

async function seedSite(manager: EntityManager, { site, curves = [], panels }: DemoSite) {
  const { id: siteId } = await addSite(manager, siteInput.parse(site), true);
  for (const curve of curves) await setCurve(new Edit(manager), siteId, curveInput.parse(curve));
  const ids = new Map<string, string>();
  for (const demo of panels) ids.set(demo.key, await seedPanel(manager, siteId, demo, ids));
}

interface Happening {
  at: string;
  happen: (edit: Edit) => Promise<unknown>;
}

async function feedOf(manager: EntityManager, { fedBy, fedThrough }: DemoPanel, ids: Map<string, string>) {
  if (fedThrough) return { fedThroughPanelId: ids.get(fedThrough)! };
  if (!fedBy) return {};
  const branches = await branchesOf(manager, ids.get(fedBy.key)!);
  return { fedByBreakerId: branches.find((branch) => branch.space === fedBy.space)!.id };
}

async function seedPanel(manager: EntityManager, siteId: string, demo: DemoPanel, ids: Map<string, string>) {
  const edit = new Edit(manager);
  const feed = await feedOf(manager, demo, ids);
  const panel = await addPanel(edit, siteId, panelInput.parse({ ...demo.panel, ...feed }));
  const happenings: Happening[] = [];
  const inSpace = new Map<number, string>();
  const breakerIn = (space: number) => inSpace.get(space)!;
  const logOf = (id: () => string, entries: readonly DemoEntry[] = []) =>
    happenings.push(
      ...entries.map((entry) => ({ at: atOf(entry), happen: (e: Edit) => logEntry(e, id(), entry) })),
    );
  for (const { breaker, circuit, log, cases = [], replaced, tiedWith, logged } of demo.circuits) {
    let { id } = await fitBreaker(edit, panel.id, breakerInput.parse(breaker));
    await setCircuit(edit, id, circuitInput.parse(circuit));
    if (tiedWith !== undefined) await tieBreakers(edit, id, inSpace.get(tiedWith)!);
    inSpace.set(breaker.space, id);
    if (logged) await logThreeDays(manager, panel.id, id);
    logOf(() => id, log);
    for (const one of cases)
      happenings.push({
        at: iso(one.end?.at ?? one.openedAt),
        happen: (e) => toldCase(e, { siteId, panelId: panel.id, breakerId: id }, one),
      });
    if (!replaced) continue;
    logOf(() => id, replaced.before);
    const happen = async (e: Edit) => {
      const old = id;
      ({ id } = await replaceBreaker(e, old, replacementInput.parse({ ...replaced.by, version: 0 })));
      await manager.update(BreakerTable, { id: old }, { removedAt: iso(replaced.at) });
      await manager.update(
        BreakerTable,
        { id },
        { createdAt: new Date(Date.parse(replaced.at) + 1).toISOString() },
      );
    };
    happenings.push({ at: iso(replaced.at), happen });
  }
  if (demo.pictured) await logHeatPictures(manager, panel.id, panel.spaces, demo.circuits);
  const main = await manager.findOneBy(BreakerTable, { panelId: panel.id, role: 'main' });
  if (main) logOf(() => main.id, demo.mainLog);
  for (const { at, kind, content } of demo.entries ?? [])
    happenings.push({
      at: iso(at),
      happen: (e) =>
        logPanelEntry(e, panel.id, panelEntryInput.parse({ kind, at: iso(at), content: content(breakerIn) })),
    });
  for (const visit of demo.visits ?? [])
    happenings.push({
      at: iso(visit.startedAt ?? visit.plannedAt),
      happen: () => logVisit(manager, panel.id, visit, breakerIn),
    });
  const { map } = demo;
  if (map)
    happenings.push({
      at: iso(map.at),
      happen: async () => {
        const known = (await branchesOf(manager, panel.id)).map(({ id }) => id);
        await logHouseMap(manager, panel.id, { ...map, at: iso(map.at) }, known, breakerIn);
      },
    });
  await manager.update(BreakerTable, { panelId: panel.id }, { createdAt: DRAWN_AT });
  await redecidePanel(manager, panel.id, DRAWN_AT);
  for (const { at, happen } of happenings.sort((a, b) => a.at.localeCompare(b.at))) {
    await happen(new Edit(manager));
    await redecidePanel(manager, panel.id, at);
  }
  return panel.id;
}

/** A case as it was opened, worked and, if it is, closed. */
async function toldCase(
  edit: Edit,
  where: { siteId: string; panelId: string; breakerId: string },
  { found, end, openedAt, ...about }: DemoCase,
): Promise<void> {
  const { id } = await openNewCase(edit, caseInput.parse({ ...where, ...about, openedAt: iso(openedAt) }));
  const answers = found.map(([test, outcome], i) => ({
    test,
    outcome,
    at: new Date(Date.parse(openedAt) + (i + 1) * 60_000).toISOString(),
  }));
  await answerCase(edit, id, caseAnswers.parse({ answers }).answers);
  if (!end) return;
  // What was answered counts before it is decided by.
  await redecidePanel(edit.manager, where.panelId, answers.at(-1)!.at);
  const decision = decisionInCase(await caseRecordOf(edit.manager, id));
  await closeCase(edit, id, caseClosing.parse({ ...end, at: iso(end.at) }), decisionText(decision));
}

const iso = (at: string) => new Date(at).toISOString();

function atOf(entry: DemoEntry): string {
  if ('readings' in entry) return iso(entry.readings[0]!.at);
  if ('event' in entry) return iso(entry.event.at);
  if ('inspection' in entry) return iso(entry.inspection.at);
  return iso('note' in entry ? entry.note.at : entry.observation.at);
}

async function logEntry(edit: Edit, breakerId: string, entry: DemoEntry): Promise<void> {
  if ('readings' in entry) {
    const inputs = entry.readings.map((reading) => readingInput.parse(reading));
    const rows = await logReadings(edit, breakerId, inputs);
    for (const { id } of entry.struck ? rows : []) {
      await strike(edit, { kind: 'readings', id }, entry.struck!, null);
    }
  } else if ('event' in entry) await logEvent(edit, breakerId, eventInput.parse(entry.event));
  else if ('inspection' in entry)
    await logInspection(edit, breakerId, inspectionInput.parse(entry.inspection));
  else if ('note' in entry) await logNote(edit, breakerId, noteInput.parse(entry.note));
  else await logObservation(edit, breakerId, observationInput.parse(entry.observation));
}
