import { MOST_AHEAD_IN_FILE_MS } from '../../record/clocks/index.ts';
import { namedBreakers } from '../../record/panelEntries/index.ts';
import { MOST_SPACES } from '../../record/entities/index.ts';
import { feedProblem, placementProblem, tieProblem, type Placed } from '../../panel/layout/index.ts';
import { walk, type VisitFact, type VisitPlan } from '../../visit/work/index.ts';
import {
  BREAKER_ENTRIES,
  SITE_LISTS,
  STRIKABLE_KINDS,
  type FileProblem,
  type SiteFile,
  type SiteList,
} from './schema.ts';
import * as messages from './messages.ts';

/** More than this helps nobody. */
const MOST_PROBLEMS = 50;

/**
 * What in a file does not hold together, though every row by itself is as it should be: ids given twice,
 * rows that point to nothing, breakers where none can sit.
 *
 * @param file read by its schema
 * @param now by the clock here: no entry lies far ahead of it
 * @returns each with its place in the file; none: it holds together
 * @example checkSiteFile(file, '2026-11-30T10:00:00.000Z') // []
 */
export function checkSiteFile(file: SiteFile, now: string): FileProblem[] {
  const found: FileProblem[] = [];
  const no = (path: FileProblem['path'], message: string) => {
    if (found.length < MOST_PROBLEMS) found.push({ path, message });
  };
  uniqueIds(file, no);
  pointers(file, no);
  casePointers(file, no);
  panelEntryPointers(file, no);
  placements(file, no);
  strikes(file, no);
  visits(file, no);
  times(file, now, no);
  return found;
}

type No = (path: FileProblem['path'], message: string) => void;

function uniqueIds(file: SiteFile, no: No) {
  for (const list of Object.keys(SITE_LISTS) as SiteList[]) {
    const seen = new Set<string>();
    file[list].forEach(({ id }, i) => {
      if (seen.has(id)) no([list, i, 'id'], messages.thisIdIsUsedTwice);
      seen.add(id);
    });
  }
  const loads = new Set<string>();
  file.circuits.forEach((circuit, i) =>
    circuit.loads.forEach(({ id }, j) => {
      if (loads.has(id)) no(['circuits', i, 'loads', j, 'id'], messages.thisIdIsUsedTwice);
      loads.add(id);
    }),
  );
}

function pointers(file: SiteFile, no: No) {
  const panels = new Set(file.panels.map(({ id }) => id));
  const breakers = new Set(file.breakers.map(({ id }) => id));
  const taken = new Set<string>();
  file.panels.forEach((panel, i) => {
    if (panel.fedByBreakerId !== null && !breakers.has(panel.fedByBreakerId))
      no(['panels', i, 'fedByBreakerId'], messages.noBreakerInThisFileHas);
    if (panel.fedThroughPanelId !== null && !panels.has(panel.fedThroughPanelId))
      no(['panels', i, 'fedThroughPanelId'], messages.noPanelInThisFileHas);
  });
  file.breakers.forEach((breaker, i) => {
    if (!panels.has(breaker.panelId)) no(['breakers', i, 'panelId'], messages.noPanelInThisFileHas);
    for (const field of ['tiedWith', 'replaces'] as const) {
      const other = breaker[field];
      if (other !== null && (!breakers.has(other) || other === breaker.id))
        no(['breakers', i, field], messages.noOtherBreakerInThisFile);
    }
  });
  const families = new Set<string>();
  file.curves.forEach(({ family }, i) => {
    if (families.has(family.toLowerCase())) no(['curves', i, 'family'], messages.thisFamilyAlreadyHasACurve);
    families.add(family.toLowerCase());
  });
  replacementChains(file, no);
  file.circuits.forEach(({ breakerId }, i) => {
    if (taken.has(breakerId)) no(['circuits', i, 'breakerId'], messages.thisBreakerAlreadyHasACircuit);
    taken.add(breakerId);
  });
  for (const list of ['circuits', ...BREAKER_ENTRIES, 'verdicts'] as const) {
    file[list].forEach(({ breakerId }, i) => {
      if (!breakers.has(breakerId)) no([list, i, 'breakerId'], messages.noBreakerInThisFileHas);
    });
  }
}

/** Entries of a panel stand on one of this file’s, and name its breakers. */
function panelEntryPointers(file: SiteFile, no: No) {
  const panels = new Set(file.panels.map(({ id }) => id));
  const breakers = new Set(file.breakers.map(({ id }) => id));
  const maps = new Set(
    file.panelEntries.flatMap(({ kind, content }) => (kind === 'house-map' ? [content.mapId] : [])),
  );
  const visits = new Set(
    file.panelEntries.flatMap(({ kind, content }) => (kind === 'visit' ? [content.visitId] : [])),
  );
  file.panelEntries.forEach((entry, i) => {
    if (!panels.has(entry.panelId)) no(['panelEntries', i, 'panelId'], messages.noPanelInThisFileHas);
    for (const { path, breakerId } of namedBreakers(entry))
      if (!breakers.has(breakerId)) no(['panelEntries', i, ...path], messages.noBreakerInThisFileHas);
    if (entry.kind === 'map-looks' && !maps.has(entry.content.mapId))
      no(['panelEntries', i, 'content', 'mapId'], messages.noMapInThisFileHas);
    if (entry.kind === 'visit' && entry.content.within !== undefined && !visits.has(entry.content.within))
      no(['panelEntries', i, 'content', 'within'], messages.noVisitInThisFileHas);
    if (entry.kind === 'visit-step' && !visits.has(entry.content.visitId))
      no(['panelEntries', i, 'content', 'visitId'], messages.noVisitInThisFileHas);
  });
}

/** Cases stand on panels and breakers of this file, entries on its cases. */
function casePointers(file: SiteFile, no: No) {
  const panels = new Set(file.panels.map(({ id }) => id));
  const breakers = new Set(file.breakers.map(({ id }) => id));
  const cases = new Set(file.cases.map(({ id }) => id));
  file.cases.forEach(({ panelId, breakerId }, i) => {
    if (panelId !== null && !panels.has(panelId)) no(['cases', i, 'panelId'], messages.noPanelInThisFileHas);
    if (breakerId !== null && !breakers.has(breakerId))
      no(['cases', i, 'breakerId'], messages.noBreakerInThisFileHas);
  });
  for (const list of ['readings', 'events', 'observations', 'inspections'] as const) {
    file[list].forEach(({ caseId }, i) => {
      if (caseId !== null && !cases.has(caseId)) no([list, i, 'caseId'], messages.noCaseInThisFileHas);
    });
  }
}

/** Every part came after the one it replaced: the chain never comes back to itself. */
function replacementChains(file: SiteFile, no: No) {
  const replaced = new Map(file.breakers.map(({ id, replaces }) => [id, replaces]));
  const ending = new Set<string>();
  for (const [i, { id }] of file.breakers.entries()) {
    const chain = new Set<string>();
    for (let at: string | null = id; at !== null && !ending.has(at); at = replaced.get(at) ?? null) {
      if (chain.has(at)) {
        no(['breakers', i, 'replaces'], messages.theChainOfReplacedBreakers);
        return;
      }
      chain.add(at);
    }
    for (const one of chain) ending.add(one);
  }
}

type Present = { breaker: SiteFile['breakers'][number]; index: number };

/** More breakers than this sit in no panel: two in each half of a space. */
const MOST_IN_PANEL = 2 * MOST_SPACES;

function placements(file: SiteFile, no: No) {
  const byPanel = new Map<string, Present[]>();
  file.breakers.forEach((breaker, index) => {
    if (breaker.removedAt !== null) return;
    const own = byPanel.get(breaker.panelId);
    if (own) own.push({ breaker, index });
    else byPanel.set(breaker.panelId, [{ breaker, index }]);
  });
  const inPlace = file.panels.filter((panel) => panel.removedAt === null);
  const feeding = new Set(file.panels.map(({ fedByBreakerId }) => fedByBreakerId));
  const feeders = file.breakers.filter(({ id, removedAt }) => removedAt === null && feeding.has(id));
  file.panels.forEach((panel, p) => {
    const own = byPanel.get(panel.id) ?? [];
    if (panel.removedAt !== null) {
      for (const { index } of own) no(['breakers', index, 'removedAt'], messages.itsPanelWasRemovedFromThe);
      return;
    }
    const tooMany = own[MOST_IN_PANEL];
    if (tooMany) return no(['breakers', tooMany.index, 'space'], messages.itsPanelHasMoreBreakersThan);
    const mains = own.filter(({ breaker }) => breaker.role === 'main');
    if (mains.length > 1) no(['breakers', mains[1]!.index, 'role'], messages.itsPanelAlreadyHasAMain);
    placementsIn(panel, own, no);
    const feed = feedProblem(panel, inPlace, feeders);
    if (feed) no(['panels', p, feed.field], feed.message);
  });
}

function placementsIn(panel: SiteFile['panels'][number], own: readonly Present[], no: No) {
  const placed: Placed[] = [];
  for (const { breaker, index } of own) {
    if (breaker.space === null) continue;
    const wanted = { id: breaker.id, space: breaker.space, poles: breaker.poles, half: breaker.half };
    const problem = placementProblem(panel, placed, wanted);
    if (problem) no(['breakers', index, problem.field], problem.message);
    placed.push(wanted);
  }
  for (const { breaker, index } of own) {
    if (breaker.tiedWith === null) continue;
    const other = placed.find(({ id }) => id === breaker.tiedWith);
    const self = placed.find(({ id }) => id === breaker.id);
    const mutual =
      own.find(({ breaker: one }) => one.id === breaker.tiedWith)?.breaker.tiedWith === breaker.id;
    const message = !other || !self || !mutual ? messages.theHandleTieDoesNotJoin : tieProblem(self, other);
    if (message !== null) no(['breakers', index, 'tiedWith'], message);
  }
}

/** A visit goes from step to step, each as its gates let it pass; what was struck does not count. */
function visits(file: SiteFile, no: No) {
  const struck = new Set(file.strikes.map(({ entryId }) => entryId));
  const plans = new Map<string, { panelId: string; plan: VisitPlan }>();
  const steps = new Map<string, { n: number; fact: VisitFact; panelId: string; i: number }[]>();
  file.panelEntries.forEach((entry, i) => {
    const { panelId } = entry;
    if (struck.has(entry.id)) return;
    if (entry.kind === 'visit') {
      const { visitId } = entry.content;
      if (plans.has(visitId)) no(['panelEntries', i, 'content', 'visitId'], messages.anotherVisitHasThisId);
      else plans.set(visitId, { panelId, plan: entry.content });
    }
    if (entry.kind !== 'visit-step') return;
    const { visitId, n, fact } = entry.content;
    const step = { n, fact, panelId, i };
    const own = steps.get(visitId);
    if (own) own.push(step);
    else steps.set(visitId, [step]);
  });
  for (const [visitId, own] of steps) {
    const visit = plans.get(visitId);
    if (!visit) continue;
    own.sort((a, b) => a.n - b.n);
    const gap = own.find(({ n, panelId }, i) => n !== i || panelId !== visit.panelId);
    if (gap) {
      no(['panelEntries', gap.i, 'content', 'n'], messages.theStepsOfThisVisitAre);
      continue;
    }
    const { refused } = walk(
      visit.plan,
      own.map(({ fact }) => fact),
    );
    if (refused !== null)
      no(['panelEntries', own[refused]!.i, 'content', 'fact'], messages.theVisitDoesNotAllowThis);
  }
}

function times(file: SiteFile, now: string, no: No) {
  const last = new Date(Date.parse(now) + MOST_AHEAD_IN_FILE_MS).toISOString();
  for (const list of STRIKABLE_KINDS)
    file[list].forEach(({ at }, i) => {
      if (at > last) no([list, i, 'at'], messages.thisTimeIsMoreThanA);
    });
}

function strikes(file: SiteFile, no: No) {
  const entries = new Set(STRIKABLE_KINDS.flatMap((kind) => file[kind].map(({ id }) => `${kind} ${id}`)));
  const struck = new Set<string>();
  file.strikes.forEach(({ kind, entryId }, i) => {
    const key = `${kind} ${entryId}`;
    if (!entries.has(key)) no(['strikes', i, 'entryId'], messages.noneOfTheInThisFile(kind));
    if (struck.has(key)) no(['strikes', i, 'entryId'], messages.thisEntryIsAlreadyVoid);
    struck.add(key);
  });
}
