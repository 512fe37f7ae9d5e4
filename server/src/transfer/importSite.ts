import { NOTHING_SAID } from '@phylaxon/core/record/entities';
import { withNewIds, type SiteFile } from '@phylaxon/core/views/siteFile';
import type { EntityManager } from 'typeorm';
import { insertLogged, LOGGED, newId } from '../edit/index.ts';
import { conflict } from '../errors/index.ts';
import { hasConfirmedEnds } from '../outcomes/index.ts';
import { circuitColumns } from '../record/index.ts';
import { CaseTable, CurveTable, insertMany, PanelTable, SiteTable } from '../store/index.ts';
import { decisionText, redecideAll, redecidePanel } from '../recordService/index.ts';
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

/** The site a breaker belongs to. */
const siteOf = (breakerId: string) =>
  `(SELECT p.siteId FROM breaker b JOIN panel p ON p.id = b.panelId WHERE b.id = ${breakerId})`;
/** The site of an entry, in a table or of a strike. */
const siteOfEntry = (of: 'breakerId' | 'panelId', row: string) =>
  of === 'breakerId'
    ? siteOf(`${row}.breakerId`)
    : `(SELECT p.siteId FROM panel p WHERE p.id = ${row}.panelId)`;
const siteOfStruck = (kind: keyof typeof LOGGED) => {
  const { of, column } = LOGGED[kind];
  return `(SELECT ${siteOfEntry(of, 'e')} FROM ${tableOf(kind)} e WHERE e.id = t.${column})`;
};

/** The kinds of entries, and the table each stands in. */
const KINDS = Object.keys(LOGGED) as (keyof typeof LOGGED)[];
const tableOf = (kind: keyof typeof LOGGED) => LOGGED[kind].table.options.name;

/** For every table whose rows carry ids: those of a file, and the site a row of it belongs to. */
const OWNED: [table: string, ids: (file: SiteFile) => { id: string }[], site: string][] = [
  ['panel', (file) => file.panels, 't.siteId'],
  ['breaker', (file) => file.breakers, siteOf('t.id')],
  ['circuit', (file) => file.circuits, siteOf('t.breakerId')],
  [
    'load',
    (file) => file.circuits.flatMap(({ loads }) => loads),
    siteOf('(SELECT c.breakerId FROM circuit c WHERE c.id = t.circuitId)'),
  ],
  ['curve', (file) => file.curves, 't.siteId'],
  ['case', (file) => file.cases, 't.siteId'],
  ...KINDS.map((kind): [string, (file: SiteFile) => { id: string }[], string] => [
    tableOf(kind),
    (file) => file[kind],
    siteOfEntry(LOGGED[kind].of, 't'),
  ]),
  ['strike', (file) => file.strikes, `coalesce(${KINDS.map(siteOfStruck).join(', ')})`],
  ['verdict', (file) => file.verdicts, siteOf('t.breakerId')],
];

/** So many ids are looked up at once; between, others get their turn. */
const AT_ONCE = 5000;

/** What a file meets here: its own site, or rows of its ids that belong to another. */
export async function meetingOf(manager: EntityManager, file: SiteFile): Promise<Meeting> {
  const here = await manager.findOneBy(SiteTable, { id: file.site.id });
  let entangled = false;
  for (const [table, rows, site] of OWNED) {
    const ids = rows(file).map(({ id }) => id);
    for (let i = 0; i < ids.length && !entangled; i += AT_ONCE) {
      const [row] = (await manager.query(
        `SELECT count(*) AS n FROM "${table}" t WHERE t.id IN (SELECT value FROM json_each(?)) AND ${site} <> ?`,
        [JSON.stringify(ids.slice(i, i + AT_ONCE)), file.site.id],
      )) as [{ n: number }];
      if (row.n > 0) entangled = true;
      await new Promise(setImmediate);
    }
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

async function insertSite(manager: EntityManager, file: SiteFile, onInserted?: (count: number) => void) {
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
      ...circuitColumns({ conductor, nameplate }),
    })),
  );
  const loads = file.circuits.flatMap(({ id, loads: own }) =>
    own.map((load, position) => ({ ...load, circuitId: id, position })),
  );
  await insertMany(manager, 'load', loads);
  // A curve’s points are written by the table’s own rules, as a panel’s lists are.
  await manager.insert(
    CurveTable,
    file.curves.map((curve) => ({ siteId, ...curve })),
  );
  await manager.insert(
    CaseTable,
    file.cases.map(({ decision, ...row }) => ({
      ...row,
      siteId,
      decision: decision === null ? null : decisionText(decision),
    })),
  );
  await insertLogged(
    manager,
    'readings',
    file.readings.map((row) => ({ ambientC: null, ...row })),
    onInserted,
  );
  await insertLogged(
    manager,
    'events',
    file.events.map((row) => ({ ...NOTHING_SAID, ...row })),
    onInserted,
  );
  await insertLogged(manager, 'observations', file.observations, onInserted);
  await insertLogged(manager, 'inspections', file.inspections);
  await insertLogged(manager, 'notes', file.notes);
  await insertLogged(manager, 'photos', file.photos);
  await insertLogged(manager, 'panelEntries', file.panelEntries);
  await insertMany(
    manager,
    'strike',
    file.strikes.map(({ id, kind, entryId, at, why, replacedBy, who }) => ({
      id,
      readingId: null,
      eventId: null,
      observationId: null,
      inspectionId: null,
      noteId: null,
      photoId: null,
      panelEntryId: null,
      [LOGGED[kind].column]: entryId,
      at,
      why,
      replacedBy,
      who,
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
    onInserted,
  );
}

/** Told how far it is, from 0 to 1; it may throw to give up. */
type OnStored = (share: number) => void;

/** The share of the rows that are in, of those of which there may be many. */
function shareOf(file: SiteFile, onStored: OnStored): (count: number) => void {
  const { readings, events, observations, verdicts } = file;
  const all = readings.length + events.length + observations.length + verdicts.length;
  let done = 0;
  return (count) => onStored((done += count) / all);
}

/**
 * Bring a site in: as it is, in the place of the one that is here, or as a copy under new ids. Where the
 * rules of today decide otherwise than those it was written by, a verdict is added; nothing else changes.
 *
 * @param onStored told how far it is
 * @returns the site's id here, and its panels
 */
export async function importSite(
  manager: EntityManager,
  read: SiteFile,
  mode: ImportMode,
  onStored: OnStored = () => undefined,
): Promise<{ siteId: string; panelIds: string[] }> {
  const meeting = await meetingOf(manager, read);
  if (!meeting.modes.includes(mode)) {
    throw conflict(
      'cannot_import_so',
      meeting.here
        ? `${meeting.here} is here already: replace it, or import as a copy.`
        : 'It cannot be imported in this way: look at what it would do first.',
    );
  }
  const taught = mode === 'replace' && (await hasConfirmedEnds(manager, read.site.id));
  const wiped = mode === 'replace' ? await wipeSite(manager, read.site.id) : [];
  const file = mode === 'copy' ? withNewIds(read, newId) : read;
  await insertSite(manager, file, shareOf(file, onStored));
  const panelIds = file.panels.filter((panel) => panel.removedAt === null).map(({ id }) => id);
  if (taught || file.cases.some(({ confirmed }) => confirmed !== null)) await redecideAll(manager);
  else for (const panelId of panelIds) await redecidePanel(manager, panelId);
  return { siteId: file.site.id, panelIds: [...new Set([...wiped, ...panelIds])] };
}
