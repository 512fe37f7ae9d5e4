import { createHash, randomBytes } from 'node:crypto';
import type { ImportMode } from '@phylaxon/core/api';
import { NOT_REPORTED } from '@phylaxon/core/record/entities';
import { withNewIds, type SiteFile, type SiteList } from '@phylaxon/core/views/siteFile';
import type { EntityManager } from 'typeorm';
import { insertLogged, LOGGED } from '../edit/index.ts';
import type { UnderstoodSite } from '../files/index.ts';
import { conflict } from '../errors/index.ts';
import { hasConfirmedEnds } from '../outcomes/index.ts';
import { circuitColumns } from '../record/index.ts';
import { CaseTable, CurveTable, insertMany, PanelTable, SiteTable } from '../store/index.ts';
import { decisionText, redecideAll, redecidePanel } from '../recordService/index.ts';
import { wipeSite } from './wipeSite.ts';
import * as messages from './messages.ts';

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

/** For every table whose rows carry ids: the list of a file they come from, and the site a row of it belongs to. */
const OWNED: [table: string, list: SiteList, site: string][] = [
  ['panel', 'panels', 't.siteId'],
  ['breaker', 'breakers', siteOf('t.id')],
  ['circuit', 'circuits', siteOf('t.breakerId')],
  ['load', 'circuits', siteOf('(SELECT c.breakerId FROM circuit c WHERE c.id = t.circuitId)')],
  ['curve', 'curves', 't.siteId'],
  ['case', 'cases', 't.siteId'],
  ...KINDS.map((kind): [string, SiteList, string] => [
    tableOf(kind),
    kind,
    siteOfEntry(LOGGED[kind].of, 't'),
  ]),
  ['strike', 'strikes', `coalesce(${KINDS.map(siteOfStruck).join(', ')})`],
  ['verdict', 'verdicts', siteOf('t.breakerId')],
];

const idsFor = (table: string, rows: readonly { id: string }[]): string[] =>
  table === 'load'
    ? (rows as SiteFile['circuits']).flatMap(({ loads }) => loads.map(({ id }) => id))
    : rows.map(({ id }) => id);

/** What a file meets here: its own site, or rows of its ids that belong to another. */
export async function meetingOf(manager: EntityManager, file: UnderstoodSite): Promise<Meeting> {
  const here = await manager.findOneBy(SiteTable, { id: file.site.id });
  let entangled = false;
  for (const [table, list, site] of OWNED)
    for await (const rows of file.pages(list)) {
      if (entangled) break;
      const [row] = (await manager.query(
        `SELECT count(*) AS n FROM "${table}" t WHERE t.id IN (SELECT value FROM json_each(?)) AND ${site} <> ?`,
        [JSON.stringify(idsFor(table, rows)), file.site.id],
      )) as [{ n: number }];
      if (row.n > 0) entangled = true;
      // Others get their turn.
      await new Promise(setImmediate);
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

/** How a row of a file stands in its table. */
const IN_TABLE = {
  circuits: ({ conductor, nameplate, loads: _loads, ...circuit }: SiteFile['circuits'][number]) => ({
    ...circuit,
    ...circuitColumns({ conductor, nameplate }),
  }),
  readings: (row: SiteFile['readings'][number]) => ({ ambientC: null, ...row }),
  events: (row: SiteFile['events'][number]) => ({ ...NOT_REPORTED, ...row }),
  strikes: ({ id, kind, entryId, at, why, replacedBy, who }: SiteFile['strikes'][number]) => ({
    ...{ id, at, why, replacedBy, who },
    ...Object.fromEntries(KINDS.map((one) => [LOGGED[one].column, one === kind ? entryId : null])),
  }),
  verdicts: ({ decision, ...verdict }: SiteFile['verdicts'][number]) => ({
    ...verdict,
    action: decision.action,
    family: decision.family,
    decision: decisionText(decision),
  }),
};

/** What was brought in, as far as it decides what is done next. */
interface Inserted {
  panelIds: string[];
  hasConfirmed: boolean;
}

async function insertSite(
  manager: EntityManager,
  file: UnderstoodSite,
  renamed: <T extends object>(row: T) => T,
  onInserted: (count: number) => void,
): Promise<Inserted> {
  const site = renamed(file.site);
  const siteId = site.id;
  const done: Inserted = { panelIds: [], hasConfirmed: false };
  const each = async <L extends SiteList>(list: L, insert: (rows: SiteFile[L]) => Promise<unknown>) => {
    for await (const rows of file.pages(list))
      if (rows.length > 0) await insert(rows.map(renamed) as SiteFile[L]);
  };
  // Panels hang on breakers and breakers sit in panels: what points where is checked at the end.
  await manager.query('PRAGMA defer_foreign_keys = ON');
  await manager.insert(SiteTable, site);
  // Lists of a panel are written by the table’s own rules, as a curve’s points are.
  await each('panels', (rows) => {
    done.panelIds.push(...rows.filter(({ removedAt }) => removedAt === null).map(({ id }) => id));
    return manager.insert(
      PanelTable,
      rows.map((panel) => ({ siteId, ...panel })),
    );
  });
  await each('breakers', (rows) => insertMany(manager, 'breaker', rows));
  await each('circuits', async (rows) => {
    await insertMany(manager, 'circuit', rows.map(IN_TABLE.circuits));
    const loads = rows.flatMap(({ id, loads: own }) =>
      own.map((load, position) => ({ ...load, circuitId: id, position })),
    );
    await insertMany(manager, 'load', loads);
  });
  await each('curves', (rows) =>
    manager.insert(
      CurveTable,
      rows.map((curve) => ({ siteId, ...curve })),
    ),
  );
  await each('cases', (rows) => {
    done.hasConfirmed ||= rows.some(({ confirmed }) => confirmed !== null);
    return manager.insert(
      CaseTable,
      rows.map(({ decision, ...row }) => ({
        ...row,
        siteId,
        decision: decision === null ? null : decisionText(decision),
      })),
    );
  });
  await each('readings', (rows) =>
    insertLogged(manager, 'readings', rows.map(IN_TABLE.readings), onInserted),
  );
  await each('events', (rows) => insertLogged(manager, 'events', rows.map(IN_TABLE.events), onInserted));
  await each('observations', (rows) => insertLogged(manager, 'observations', rows, onInserted));
  await each('inspections', (rows) => insertLogged(manager, 'inspections', rows));
  await each('notes', (rows) => insertLogged(manager, 'notes', rows));
  await each('photos', (rows) => insertLogged(manager, 'photos', rows));
  await each('panelEntries', (rows) => insertLogged(manager, 'panelEntries', rows));
  await each('strikes', (rows) => insertMany(manager, 'strike', rows.map(IN_TABLE.strikes)));
  await each('verdicts', (rows) => insertMany(manager, 'verdict', rows.map(IN_TABLE.verdicts), onInserted));
  return done;
}

/** Told how far it is, from 0 to 1; it may throw to give up. */
type OnStored = (share: number) => void;

/** The share of the rows that are in, of those of which there may be many. */
function shareOf({ counts }: UnderstoodSite, onStored: OnStored): (count: number) => void {
  const all = counts.readings + counts.events + counts.observations + counts.verdicts;
  let done = 0;
  return (count) => onStored((done += count) / all);
}

/** New ids for those of a file, the same for the same throughout one import, and nobody else’s. */
function renaming(): <T extends object>(row: T) => T {
  const salt = randomBytes(16);
  const newIdOf = (id: string) => {
    const bytes = createHash('sha256').update(salt).update(id.toLowerCase()).digest().subarray(0, 16);
    bytes[6] = (bytes[6]! & 0x0f) | 0x40;
    bytes[8] = (bytes[8]! & 0x3f) | 0x80;
    return bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
  };
  return (row) => withNewIds(row, newIdOf);
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
  file: UnderstoodSite,
  mode: ImportMode,
  onStored: OnStored = () => undefined,
): Promise<{ siteId: string; panelIds: string[] }> {
  const meeting = await meetingOf(manager, file);
  if (!meeting.modes.includes(mode)) {
    throw conflict(
      'cannot_import_so',
      meeting.here
        ? messages.isAlreadyHereReplaceItOr(meeting.here)
        : messages.thisImportOptionIsNotAvailable,
    );
  }
  const taught = mode === 'replace' && (await hasConfirmedEnds(manager, file.site.id));
  const wiped = mode === 'replace' ? await wipeSite(manager, file.site.id) : [];
  const renamed = mode === 'copy' ? renaming() : <T>(row: T) => row;
  const { panelIds, hasConfirmed } = await insertSite(manager, file, renamed, shareOf(file, onStored));
  if (taught || hasConfirmed) await redecideAll(manager);
  else for (const panelId of panelIds) await redecidePanel(manager, panelId);
  return { siteId: renamed(file.site).id, panelIds: [...new Set([...wiped, ...panelIds])] };
}
