import {
  MOST_BACKUP_LOADS,
  type BackupPlan,
  type BackupInput,
  type BackupPriority,
} from '../../code/backup/index.ts';
import { findAppliances } from '../../facts/appliances/index.ts';
import { legOfSpace, legsOf, sayPlace } from '../../panel/layout/index.ts';
import { loadAmps, type Circuit } from '../../record/entities/index.ts';
import type { OtherSources, PanelSource } from '../../record/panelEntries/index.ts';
import type { PlannedPanel } from './schema.ts';
import * as messages from './messages.ts';

type PlannedBreakerEntry = PlannedPanel['breakers'][number];

/** A circuit that a backup might carry, with what is known of its power. */
export interface BackupCircuit {
  breakerId: string;
  place: string;
  label: string;
  volts: 120 | 240;
  leg: 'a' | 'b' | null;
  sharesNeutral: boolean;
  /** A hazard stops it: nothing may switch it on. */
  isStopped: boolean;
  /** W; `null`: nothing on record says. */
  watts: number | null;
  startingWatts: number | null;
  priority: BackupPriority | null;
  /** Where its power comes from, in words. */
  basis: string;
}

/** What the start of a named load draws, in times of its running power. */
const startTimes = (name: string): number => findAppliances(name)[0]?.start?.times ?? 1;

function powerOf({ circuit, measuredAmps }: PlannedBreakerEntry, volts: number) {
  const loads = circuit?.loads ?? [];
  const listed = loads.map((load) => ({ watts: loadAmps(load) * load.volts, name: load.name }));
  const sum = listed.reduce((all, { watts }) => all + watts, 0);
  // One motor starts at a time: the one that adds most.
  const surge = Math.max(0, ...listed.map(({ watts, name }) => (startTimes(name) - 1) * watts));
  if (measuredAmps !== null) {
    const watts = measuredAmps * volts;
    return { watts, startingWatts: watts + surge, basis: messages.asMeasured };
  }
  if (listed.length > 0) return { watts: sum, startingWatts: sum + surge, basis: messages.asListed };
  const usual = usualOf(circuit, volts);
  return usual
    ? {
        watts: usual.watts,
        startingWatts: usual.watts * (usual.start?.times ?? 1),
        basis: messages.asUsual(usual.name),
      }
    : { watts: null, startingWatts: null, basis: messages.powerUnknown };
}

/** What a circuit’s name says that it feeds. */
function usualOf(circuit: Circuit | null, volts: number) {
  const words = circuit?.label.toLowerCase().match(/[a-z]{2,}/g) ?? [];
  const pairs = words.slice(1).map((word, i) => `${words[i]} ${word}`);
  // All of the name says most, a single word least; what runs on another voltage is something else.
  return (
    [words.join(' '), ...pairs, ...words.filter(({ length }) => length > 3)]
      .filter(Boolean)
      .flatMap(findAppliances)
      .find((thing) => thing.volts === volts) ?? null
  );
}

/**
 * The circuits of a panel that a backup might carry: power by a clamp reading, by listed loads, or as is usual for what the
 * circuit’s name says; starting power by what starts hardest on it. What was chosen before keeps its figures.
 *
 * @param planned the panel
 * @param stopped ids of breakers that a hazard stops
 * @param content sources and essential circuits on record; null: none yet, and critical loads are of the first priority
 * @returns circuits in the order of spaces, with running and starting power (W), voltage (V), leg and priority
 * @example backupCircuits(planned, new Set(), null)[0].basis // 'as measured'
 */
export function backupCircuits(
  planned: PlannedPanel,
  stopped: ReadonlySet<string>,
  content: OtherSources | null,
): BackupCircuit[] {
  const sources = content?.sources ?? [];
  return planned.breakers
    .filter(
      ({ breaker }) =>
        breaker.role === 'branch' &&
        breaker.space !== null &&
        !sources.some(({ breakerId }) => breakerId === breaker.id),
    )
    .sort((x, y) => x.breaker.space! - y.breaker.space!)
    .map((entry): BackupCircuit => {
      const { breaker, circuit } = entry;
      const space = breaker.space!;
      const volts = legsOf({ space, poles: breaker.poles }).length === 2 ? 240 : 120;
      const saved = content?.essential.find(({ breakerId }) => breakerId === breaker.id);
      const power = powerOf(entry, volts);
      return {
        ...{ breakerId: breaker.id, place: sayPlace(breaker), volts },
        label: circuit?.label ?? messages.unnamedCircuit,
        leg: volts === 240 ? null : legOfSpace(space) === 'A' ? 'a' : 'b',
        isStopped: stopped.has(breaker.id),
        sharesNeutral: circuit?.sharesNeutral === true,
        ...power,
        ...(saved && { watts: saved.watts, startingWatts: saved.startingWatts, basis: messages.asSaved }),
        priority: saved?.priority ?? (content === null && planned.critical.includes(breaker.id) ? 1 : null),
      };
    });
}

/** Why a circuit is not on the backup. */
export type NotCarried = BackupPlan['leftOut'][number]['reason'] | 'hazard' | 'shared-neutral' | 'unknown';

/** The chosen circuits as `backup` takes them, and those that cannot be asked. */
export interface BackupChoice {
  question: BackupInput | null;
  refused: { breakerId: string; reason: NotCarried }[];
  /** More circuits are chosen than can be weighed. */
  isTooMany: boolean;
}

/**
 * The question which chosen circuits a source carries. A circuit that shares a neutral is kept off a 120 V source: both of its
 * halves would be in phase, and their currents add up on the neutral.
 *
 * Source: NEC 2023, 710.15(C), no multiwire circuits on one 120 V source.
 *
 * @param source continuous and starting power (W), supply
 * @param circuits those of the panel, chosen by their priority
 * @returns the question; null: nothing can be asked
 * @example backupQuestion({ watts: 5000, startingWatts: null, supply: '120/240' }, []).question // null
 */
export function backupQuestion(
  { watts, startingWatts, supply }: Pick<PanelSource, 'watts' | 'startingWatts' | 'supply'>,
  circuits: readonly BackupCircuit[],
): BackupChoice {
  const chosen = circuits.filter(({ priority }) => priority !== null);
  const reasonAgainst = ({ sharesNeutral, isStopped, watts: known }: BackupCircuit): NotCarried | null => {
    if (isStopped) return 'hazard';
    if (supply === '120' && sharesNeutral) return 'shared-neutral';
    return known === null ? 'unknown' : null;
  };
  const refused = chosen.flatMap((one) => {
    const reason = reasonAgainst(one);
    return reason ? [{ breakerId: one.breakerId, reason }] : [];
  });
  const loads = chosen.flatMap((one): BackupInput['loads'] =>
    reasonAgainst(one)
      ? []
      : [
          {
            ...{ id: one.breakerId, watts: one.watts!, volts: one.volts, priority: one.priority! },
            startingWatts: Math.max(one.watts!, one.startingWatts ?? one.watts!),
            ...(one.leg && { leg: one.leg }),
          },
        ],
  );
  const isTooMany = loads.length > MOST_BACKUP_LOADS;
  return {
    ...{ refused, isTooMany },
    question:
      loads.length === 0 || isTooMany
        ? null
        : { source: { watts, startingWatts: startingWatts ?? watts, supply }, loads },
  };
}
