import { VOLTAGE_LIMITS } from '@phylaxon/core/facts/limits';
import {
  CURRENT_POINTS,
  MILLIVOLT_POINTS,
  TEMPERATURE_POINTS,
  type Breaker,
  type Reading,
} from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import type { ReadingRow } from '../store/index.ts';
import { readingOf } from './rowsToRecord.ts';
import type { HandleSpan } from './handleSpan.ts';

const HOUR_MS = 3_600_000;
const OUTLET_POINTS = ['outlet', 'load-terminal', 'load-terminal-2'] as const;
/** What is judged by its peers, measured in the same survey. */
const SURVEYED_POINTS = [...TEMPERATURE_POINTS, ...MILLIVOLT_POINTS] as const;
const LEG_POINTS = ['leg-a', 'leg-b'] as const;

const ANY_VALUE = -1e9;
const FOR_EVER = '9999';

/** The last standing reading of a point before an instant, or the first from it on. */
interface Probe {
  breakerId: string;
  point: string;
  at: string;
  side: 'before' | 'from';
  least: number;
}

/** All standing readings of a point in a stretch of time. */
interface Window {
  point: string;
  from: string;
  to: string;
}

/** The same, of one breaker. */
interface OwnWindow extends Window {
  breakerId: string;
}

/**
 * The readings that evidence may look at, of all breakers of a panel: the last of each point; of voltages
 * also the last while the handle stood on, tripped or off; what was measured with the last temperatures,
 * on the breaker and on its peers; the supply legs of the same visit. Everything else a later reading
 * stands in front of. How evidence is drawn from them is told in core/diagnosis/evidence.
 */
export async function evidenceReadings(
  manager: EntityManager,
  breakers: readonly Breaker[],
  handles: ReadonlyMap<string, HandleSpan[]>,
): Promise<Reading[]> {
  const found = new Map<string, ReadingRow>();
  const keep = (rows: ReadingRow[]) => rows.forEach((row) => found.set(row.id, row));

  const last = await probe(
    manager,
    breakers.flatMap((breaker) => lastOfEach(breaker, handles.get(breaker.id)!)),
  );
  keep(last);
  keep(await probe(manager, legsOfVisits(last, breakers)));
  keep(await inOwnWindows(manager, secondPoles(last)));
  const ids = breakers.map(({ id }) => id);
  keep(await inWindows(manager, ids, surveys(last)));
  return [...found.values()]
    .sort((a, b) => a.at.localeCompare(b.at) || a.loggedAt.localeCompare(b.loggedAt))
    .map((row) => readingOf(row, null));
}

function lastOfEach({ id: breakerId }: Breaker, spans: readonly HandleSpan[]): Probe[] {
  const before = (point: string, at: string, least = ANY_VALUE): Probe => ({
    breakerId,
    point,
    at,
    side: 'before',
    least,
  });
  const anyTime = [...LEG_POINTS, ...CURRENT_POINTS, ...SURVEYED_POINTS];
  return [
    ...anyTime.map((point) => before(point, FOR_EVER)),
    ...OUTLET_POINTS.flatMap((point) =>
      spans.flatMap((span) => [
        before(point, span.before),
        ...(span.position === 'tripped' ? [before(point, span.before, VOLTAGE_LIMITS.zero)] : []),
      ]),
    ),
  ];
}

/** The supply legs nearest in time to each breaker's last voltage at its load terminal. */
function legsOfVisits(last: readonly ReadingRow[], breakers: readonly Breaker[]): Probe[] {
  const main = breakers.find(({ role }) => role === 'main');
  return breakers.flatMap(({ id }) => {
    const visits = last.filter((row) => row.breakerId === id && row.point === 'load-terminal');
    const at = visits
      .map((row) => row.at)
      .sort()
      .at(-1);
    if (at === undefined) return [];
    const details = main && main.id !== id ? [id, main.id] : [id];
    return details.flatMap((breakerId) =>
      LEG_POINTS.flatMap((point) =>
        (['before', 'from'] as const).map((side) => ({ breakerId, point, at, side, least: ANY_VALUE })),
      ),
    );
  });
}

const around = (at: string, hours: number): [number, number] => [
  Date.parse(at) - hours * HOUR_MS,
  Date.parse(at) + hours * HOUR_MS,
];

/** The second pole, measured within the hour of the first. */
function secondPoles(last: readonly ReadingRow[]): OwnWindow[] {
  return last
    .filter((row) => row.point === 'load-terminal')
    .map((row) => {
      const [from, to] = around(row.at, 1);
      return { breakerId: row.breakerId, point: 'load-terminal-2', from: iso(from), to: iso(to) };
    });
}

/** Temperatures and millivolts within two hours of any breaker's last one, and currents within one of those. */
function surveys(last: readonly ReadingRow[]): Window[] {
  const taken = (points: readonly string[]) =>
    last.filter((row) => points.includes(row.point)).map((row) => row.at);
  const of = (point: string, stretches: [number, number][]) =>
    stretches.map(([from, to]): Window => ({ point, from: iso(from), to: iso(to) }));
  const currents = merged(taken(SURVEYED_POINTS).map((at) => around(at, 3)));
  return [
    ...SURVEYED_POINTS.flatMap((point) => of(point, merged(taken([point]).map((at) => around(at, 2))))),
    ...CURRENT_POINTS.flatMap((point) => of(point, currents)),
  ];
}

const iso = (ms: number) => new Date(ms).toISOString();

/** Stretches of time that overlap, made one. */
function merged(stretches: [number, number][]): [number, number][] {
  const out: [number, number][] = [];
  for (const [from, to] of [...stretches].sort((a, b) => a[0] - b[0])) {
    const before = out.at(-1);
    if (before && from <= before[1]) before[1] = Math.max(before[1], to);
    else out.push([from, to]);
  }
  return out;
}

/** Power tells of an appliance, not of its breaker. */
const STANDING = "x.quantity <> 'power' AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = x.id)";

const lastBefore = `SELECT x.rowid FROM reading x
  WHERE x.breakerId = p.breakerId AND x.point = p.point AND x.at < p.at AND x.value >= p.least AND ${STANDING}
  ORDER BY x.at DESC, x.loggedAt DESC, x.rowid DESC LIMIT 1`;
const firstFrom = `SELECT x.rowid FROM reading x
  WHERE x.breakerId = p.breakerId AND x.point = p.point AND x.at >= p.at AND x.value >= p.least AND ${STANDING}
  ORDER BY x.at, x.loggedAt LIMIT 1`;

/** A JSON list of objects as a table named p. */
const asTable = (columns: readonly string[]) =>
  `(SELECT ${columns.map((name) => `json_extract(value, '$.${name}') AS "${name}"`).join(', ')} FROM json_each(?)) p`;

async function probe(manager: EntityManager, probes: readonly Probe[]): Promise<ReadingRow[]> {
  const ask = (side: Probe['side'], inner: string) =>
    rowsOf(
      manager,
      `SELECT r.* FROM ${asTable(['breakerId', 'point', 'at', 'least'])} CROSS JOIN reading r ON r.rowid = (${inner})`,
      probes.filter((one) => one.side === side),
    );
  return [...(await ask('before', lastBefore)), ...(await ask('from', firstFrom))];
}

const inOwnWindows = (manager: EntityManager, windows: readonly OwnWindow[]) =>
  rowsOf(
    manager,
    `SELECT x.* FROM ${asTable(['breakerId', 'point', 'from', 'to'])}
      CROSS JOIN reading x ON x.breakerId = p.breakerId AND x.point = p.point AND x.at BETWEEN p."from" AND p."to"
      WHERE ${STANDING}`,
    windows,
  );

const inWindows = (manager: EntityManager, breakerIds: readonly string[], windows: readonly Window[]) =>
  rowsOf(
    manager,
    `SELECT x.* FROM ${asTable(['point', 'from', 'to'])} CROSS JOIN json_each(?) b
      CROSS JOIN reading x ON x.breakerId = b.value AND x.point = p.point AND x.at BETWEEN p."from" AND p."to"
      WHERE ${STANDING}`,
    windows,
    breakerIds,
  );

async function rowsOf(
  manager: EntityManager,
  sql: string,
  ...lists: readonly [readonly unknown[], ...(readonly unknown[])[]]
): Promise<ReadingRow[]> {
  if (lists[0].length === 0) return [];
  return (await manager.query(
    sql,
    lists.map((list) => JSON.stringify(list)),
  )) as ReadingRow[];
}
