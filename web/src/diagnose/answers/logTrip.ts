import { TIME_LIMITS } from '@phylaxon/core/facts/limits';
import { isTrip, type BreakerEvent, type EventInput } from '@phylaxon/core/record/entities';
import { entries } from '../../shared/api/index.ts';
import { now, whereOf, type StepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** A trip so far back is another one. */
const RECENT_MS = TIME_LIMITS.recentTripHours * 3_600_000;

/** What ran and for how long before it tripped, A and s. */
export interface FoundOut {
  amps: number;
  afterSeconds: number;
  simulated?: boolean;
}

/** Log what was found out about a trip: with the last one, if that is of today and told without it; else as one of its own. */
export async function logTrip({ file, act }: Pick<StepWork, 'file' | 'act'>, found: FoundOut): Promise<void> {
  const { breaker, entries: log } = file.dossier!.subject;
  const at = now();
  const caseId = file.case.id;
  const last = log.events.filter((event) => event.struck === null).findLast(isTrip);
  const meant =
    last &&
    last.amps === null &&
    last.simulated === (found.simulated ?? false) &&
    Date.parse(at) - Date.parse(last.at) < RECENT_MS;
  if (meant) {
    const why = messages.loadAndTimeAreKnown;
    await act(entries.strike('events', last.id, why, withFigures(last, { ...found, caseId })));
  } else await act(entries.event(breaker.id, whereOf(file), { kind: 'trip', at, caseId, ...found }));
}

/** The same trip, with what is known of it now. */
function withFigures(
  { kind, at, feel, result, power, unplugged, connected, cause, ambientC, note }: BreakerEvent,
  found: object,
): EventInput {
  const same = { at, unplugged, connected, cause, ambientC, note, ...found };
  return (
    kind === 'reset' ? { kind, feel, result, power, ...same } : { kind: 'trip', ...same }
  ) as EventInput;
}
