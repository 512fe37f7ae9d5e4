import { NOTHING_SAID } from '@phylaxon/core/record';
import { withNewIds, type SiteFile } from '@phylaxon/core/sitefile';
import type { EntityManager } from 'typeorm';
import { insertLogged, LOGGED, newId } from '../edit/index.ts';
import { ApiError } from '../http/index.ts';
import { insertMany, PanelTable, SiteTable } from '../store/index.ts';
import { decisionText, redecidePanel } from '../verdict/index.ts';
import { wipeSite } from './wipeSite.ts';

export const IMPORT_MODES = ['new', 'replace', 'copy'] as const;
export type ImportMode = (typeof IMPORT_MODES)[number];

/** What an import would meet here. */
export interface Meeting {
  /** The site of the same id that is here already. */
  here: string | null;
  /** Some of its rows are here under another site: it can only come as a copy. */
  entangled: boolean;
  modes: ImportMode[];
}

const LISTS = {
  panels: 'panel',
  breakers: 'breaker',
  circuits: 'circuit',
  readings: 'reading',
  events: 'event',
  observations: 'observation',
  notes: 'note',
  photos: 'photo',
  strikes: 'strike',
  verdicts: 'verdict',
} as const;

const OF_SITE: Record<string, string> = {
  panel: 't.siteId',
  breaker: '(SELECT p.siteId FROM panel p WHERE p.id = t.panelId)',
  strike: 'NULL',
};
const BY_BREAKER =
  '(SELECT p.siteId FROM breaker b JOIN panel p ON p.id = b.panelId WHERE b.id = t.breakerId)';

/** What a file meets here: its own site, or rows of its ids that belong to another. */
export async function meetingOf(manager: EntityManager, file: SiteFile): Promise<Meeting> {
  const here = await manager.findOneBy(SiteTable, { id: file.site.id });
  let entangled = false;
  for (const [list, table] of Object.entries(LISTS)) {
    // A strike stands and falls with its entry.
    if (table === 'strike') continue;
    const ids = file[list as keyof typeof LISTS].map(({ id }) => id);
    const [row] = (await manager.query(
      `SELECT count(*) AS n FROM "${table}" t WHERE t.id IN (SELECT value FROM json_each(?))
       AND ${OF_SITE[table] ?? BY_BREAKER} <> ?`,
      [JSON.stringify(ids), file.site.id],
    )) as [{ n: number }];
    if (row.n > 0) entangled = true;
  }
  const modes: ImportMode[] = here
    ? entangled
      ? ['copy']
      : ['replace', 'copy']
    : entangled
      ? ['copy']
      : ['new'];
  return { here: here?.name ?? null, entangled, modes };
}

async function insertSite(manager: EntityManager, file: SiteFile): Promise<void> {
  const siteId = file.site.id;
  // Panels hang on breakers and breakers sit in panels: what points where is checked at the end.
  await manager.query('PRAGMA defer_foreign_keys = ON');
  await manager.insert(SiteTable, file.site);
  // Lists of a panel are written by the table’s own rules.
  await manager.insert(
    PanelTable,
    file.panels.map((panel) => ({ siteId, ...panel })),
  );
  await insertMany(manager, 'breaker', file.breakers);
  await insertMany(
    manager,
    'circuit',
    file.circuits.map(({ conductor, nameplate, loads: _loads, ...circuit }) => ({
      ...circuit,
      gauge: conductor?.gauge ?? null,
      material: conductor?.material ?? null,
      insulationC: conductor?.insulationC ?? null,
      cable: conductor?.cable ?? null,
      minCircuitAmps: nameplate?.minCircuitAmps ?? null,
      maxBreakerAmps: nameplate?.maxBreakerAmps ?? null,
    })),
  );
  const loads = file.circuits.flatMap(({ id, loads: own }) =>
    own.map((load, position) => ({ ...load, circuitId: id, position })),
  );
  await insertMany(manager, 'load', loads);
  await insertLogged(
    manager,
    'readings',
    file.readings.map((row) => ({ ambientC: null, ...row })),
  );
  await insertLogged(
    manager,
    'events',
    file.events.map((row) => ({ ...NOTHING_SAID, ...row })),
  );
  await insertLogged(manager, 'observations', file.observations);
  await insertLogged(manager, 'notes', file.notes);
  await insertLogged(manager, 'photos', file.photos);
  await insertMany(
    manager,
    'strike',
    file.strikes.map(({ id, kind, entryId, at, why, replacedBy }) => ({
      id,
      readingId: null,
      eventId: null,
      observationId: null,
      noteId: null,
      photoId: null,
      [LOGGED[kind].column]: entryId,
      at,
      why,
      replacedBy,
    })),
  );
  await insertMany(
    manager,
    'verdict',
    file.verdicts.map(({ decision, ...verdict }) => ({
      ...verdict,
      action: decision.action,
      family: decision.family,
      decision: decisionText(decision),
    })),
  );
}

/**
 * Bring a site in: as it is, in the place of the one that is here, or as a copy under new ids. Where the
 * rules of today decide otherwise than those it was written by, a verdict is added; nothing else changes.
 *
 * @returns the site's id here, and its panels
 */
export async function importSite(
  manager: EntityManager,
  read: SiteFile,
  mode: ImportMode,
): Promise<{ siteId: string; panelIds: string[] }> {
  const meeting = await meetingOf(manager, read);
  if (!meeting.modes.includes(mode)) {
    throw new ApiError(
      409,
      'cannot_import_so',
      meeting.here
        ? `${meeting.here} is here already: replace it, or import as a copy.`
        : 'It cannot be imported in this way: look at what it would do first.',
    );
  }
  const wiped = mode === 'replace' ? await wipeSite(manager, read.site.id) : [];
  const file = mode === 'copy' ? withNewIds(read, newId) : read;
  await insertSite(manager, file);
  const panelIds = file.panels.filter((panel) => panel.removedAt === null).map(({ id }) => id);
  for (const panelId of panelIds) await redecidePanel(manager, panelId);
  return { siteId: file.site.id, panelIds: [...new Set([...wiped, ...panelIds])] };
}
