import type { CaseRecord } from '../../diagnosis/cases/index.ts';
import type { BreakerEvent, Observation, Reading } from '../../record/entities/index.ts';

type Kinds = { readings: Reading; events: BreakerEvent; observations: Observation };

/**
 * An entry as the server will keep it, for a browser that shows it before it is stored.
 *
 * @param entry as it was sent; without an id it gets an empty one
 * @param breakerId id of the breaker in whose log it goes
 * @param caseId id of the case it is logged in
 * @returns the entry with all that the record adds; nobody is named and it is not struck
 * @example asKept({ at: '2026-11-03T19:05:00Z' }, 'b', 'c').loggedAt // '2026-11-03T19:05:00Z'
 */
export const asKept = <T extends { id?: string | undefined; at: string }>(
  entry: T,
  breakerId: string,
  caseId: string,
) => ({ ...entry, id: entry.id ?? '', breakerId, caseId, loggedAt: entry.at, who: null, struck: null });

/**
 * A case in which an entry of the log is struck; one of another case’s log leaves it as it is.
 *
 * @param record the case as it stands
 * @param id of the entry
 * @param why as it was typed
 * @returns the case with that entry struck
 * @example withStruck(record, 'no such entry', 'typed twice') // record
 */
export function withStruck(record: CaseRecord, id: string, why: string): CaseRecord {
  const told = record.log.find(({ entry }) => entry.id === id);
  if (!told || told.entry.struck !== null) return record;
  const struck = { at: told.entry.at, why, replacedBy: null };
  const strike = <T extends { id: string }>(entry: T): T => (entry.id === id ? { ...entry, struck } : entry);
  const log = record.log.map((one) => ({ ...one, entry: strike(one.entry) })) as CaseRecord['log'];
  const { dossier } = record;
  if (!dossier) return { ...record, log };
  const { readings, events, observations } = dossier.subject.entries;
  const entries = {
    readings: readings.map(strike),
    events: events.map(strike),
    observations: observations.map(strike),
  };
  return { ...record, log, dossier: { ...dossier, subject: { ...dossier.subject, entries } } };
}

/**
 * A case with entries in the log of a breaker; those that are there already are left as they are.
 *
 * @param record the case as it stands
 * @param breakerId id of the breaker whose log they go to
 * @param kind of all the entries
 * @param entries as they are kept (see `asKept`)
 * @returns the case with the entries that are new to it
 * @example withLogged(record, breakerId, 'readings', []) // the log as it was
 */
export function withLogged<K extends keyof Kinds>(
  record: CaseRecord,
  breakerId: string,
  kind: K,
  entries: readonly Kinds[K][],
): CaseRecord {
  const known = new Set(record.log.map(({ entry }) => entry.id));
  const fresh = entries.filter((entry) => !known.has(entry.id));
  const log = [
    ...record.log,
    ...fresh.map((entry) => ({ kind, breakerId, entry }) as CaseRecord['log'][number]),
  ];
  const { dossier } = record;
  if (!dossier || dossier.subject.breaker.id !== breakerId) return { ...record, log };
  const { subject } = dossier;
  const more = { ...subject.entries, [kind]: [...subject.entries[kind], ...fresh] };
  return { ...record, log, dossier: { ...dossier, subject: { ...subject, entries: more } } };
}
