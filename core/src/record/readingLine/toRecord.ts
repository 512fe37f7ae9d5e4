import { usualInstrument } from '../../facts/instruments/index.ts';
import type { EventInput, ObservationInput, Pace, ReadingInput } from '../entities/index.ts';
import type { LineEntry } from './schema.ts';

/** What the record wants to know besides what a line said. */
export type MissingDetail = 'pace' | 'air' | 'reset';

/** What somebody said when asked for it. */
export interface Added {
  pace?: Pace;
  airC?: number;
  feel?: 'clean-clicks' | 'no-off-click' | 'hard-or-gritty' | 'will-not-latch';
  result?: 'holds' | 'tripped';
}

/** An entry as the log takes it. */
export type LoggedEntry =
  | { kind: 'reading'; entry: ReadingInput }
  | { kind: 'event'; entry: EventInput }
  | { kind: 'observation'; entry: ObservationInput };

const PACE_OF = {
  'trips-at-once': 'at-once',
  'trips-in-seconds': 'seconds',
  'trips-in-minutes': 'minutes',
  'trips-after-hours': 'hours',
} as const;

/**
 * What the record wants to know of an entry besides what the line said: how soon a breaker tripped, the air around a surface, how
 * a reset went.
 *
 * @param entry as it was understood
 * @param added what was said when asked
 * @returns what to ask next; `null`: nothing
 * @example wantedOf({ kind: 'trip', … }, {}) // 'pace'
 */
export function wantedOf(entry: LineEntry, added: Added): MissingDetail | null {
  switch (entry.kind) {
    case 'reading':
      return entry.quantity === 'temperature' && (entry.ambientC ?? added.airC) === undefined ? 'air' : null;
    case 'trip':
      return entry.seconds === undefined && (entry.pace ?? added.pace) === undefined ? 'pace' : null;
    case 'reset': {
      const result = entry.tripped ? 'tripped' : (entry.result ?? added.result);
      if (result === undefined && (entry.feel ?? added.feel) === undefined) return 'reset';
      const isSoonSaid =
        entry.result !== undefined || entry.seconds !== undefined || added.pace !== undefined;
      return result === 'tripped' && !isSoonSaid ? 'pace' : null;
    }
    default:
      return null;
  }
}

/**
 * An entry as the log takes it, once nothing more is wanted of it (see `wantedOf`).
 *
 * @param entry as it was understood
 * @param added what was said when asked
 * @param caseId the case in which it was found; `null`: none
 * @returns what to log
 * @throws Error where something is still wanted
 * @example entriesFromLine({ kind: 'handle', position: 'off', … }, {}, null) // { kind: 'event', entry: { kind: 'handle', … } }
 */
export function entriesFromLine(entry: LineEntry, added: Added, caseId: string | null): LoggedEntry {
  const wanted = wantedOf(entry, added);
  if (wanted !== null) throw new Error(`Still missing: ${wanted}.`);
  const common = { at: entry.at, ...(caseId !== null && { caseId }) };
  switch (entry.kind) {
    case 'reading': {
      const { quantity, point, value, loadState = 'unknown' } = entry;
      const reading = {
        quantity,
        point,
        value,
        loadState,
        instrument: usualInstrument(quantity, point),
        ...common,
      };
      const air = quantity === 'temperature' ? { ambientC: entry.ambientC ?? added.airC } : {};
      return { kind: 'reading', entry: { ...reading, ...air } as ReadingInput };
    }
    case 'trip': {
      const { amps = null, seconds = null } = entry;
      const pace = entry.pace ?? added.pace ?? null;
      return { kind: 'event', entry: { kind: 'trip', amps, afterSeconds: seconds, pace, ...common } };
    }
    case 'no-trip':
      return {
        kind: 'event',
        entry: { kind: 'no-trip', amps: entry.amps, afterSeconds: entry.seconds, ...common },
      };
    case 'reset': {
      const feel = entry.feel ?? added.feel ?? null;
      const said = entry.result ?? null;
      const isHeld = said === 'holds' || (said === null && !entry.tripped && added.result === 'holds');
      const isTripped = entry.tripped || added.result === 'tripped' || (said !== null && said !== 'holds');
      const pace = said !== null && said !== 'holds' ? PACE_OF[said] : (added.pace ?? null);
      return {
        kind: 'event',
        entry: {
          kind: 'reset',
          feel,
          result: isHeld ? 'holds' : isTripped ? 'tripped' : null,
          pace: isTripped ? pace : null,
          afterSeconds: entry.seconds ?? null,
          ...common,
        },
      };
    }
    case 'handle':
      return { kind: 'event', entry: { kind: 'handle', position: entry.position, ...common } };
    case 'finding':
      return {
        kind: 'observation',
        entry: { test: entry.test, outcome: entry.outcome, ...common },
      };
  }
}
