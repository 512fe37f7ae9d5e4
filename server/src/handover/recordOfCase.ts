import type { CaseRecord } from '@phylaxon/core/diagnosis/cases';
import type { SiteFile } from '@phylaxon/core/views/siteFile';

/**
 * Of a whole site, what belongs to one case: its panel as drawn, and the log of its breaker, of the main, and of
 * whatever was found in the case. Pictures stay behind.
 */
export function recordOfCase(site: SiteFile, { case: about }: Pick<CaseRecord, 'case'>): SiteFile {
  const panels = site.panels.filter(({ id }) => id === about.panelId);
  const breakers = site.breakers.filter(({ panelId }) => panelId === about.panelId);
  const drawn = new Set(breakers.map(({ id }) => id));
  const subjects = new Set(
    breakers.filter(({ id, role }) => id === about.breakerId || role === 'main').map(({ id }) => id),
  );
  const belongs = ({ breakerId, caseId }: { breakerId: string; caseId?: string | null }) =>
    drawn.has(breakerId) && (subjects.has(breakerId) || caseId === about.id);
  const ofThisCase = <E extends { breakerId: string; caseId: string | null }>(list: E[]): E[] =>
    list
      .filter(belongs)
      // What was found in another case counts, but that case does not come along.
      .map((entry) => (entry.caseId === about.id ? entry : { ...entry, caseId: null }));
  const readings = ofThisCase(site.readings);
  const events = ofThisCase(site.events);
  const observations = ofThisCase(site.observations);
  const inspections = ofThisCase(site.inspections);
  const notes = site.notes.filter(belongs);
  const kept = new Set(
    [...readings, ...events, ...observations, ...inspections, ...notes].map(({ id }) => id),
  );
  return {
    ...site,
    panels: panels.map((panel) => ({ ...panel, fedByBreakerId: null, fedThroughPanelId: null })),
    breakers,
    circuits: site.circuits.filter(({ breakerId }) => drawn.has(breakerId)),
    cases: site.cases.filter(({ id }) => id === about.id),
    readings,
    events,
    observations,
    inspections,
    notes,
    photos: [],
    panelEntries: [],
    strikes: site.strikes.filter(({ entryId }) => kept.has(entryId)),
    verdicts: site.verdicts.filter(({ breakerId }) => subjects.has(breakerId)),
  };
}
