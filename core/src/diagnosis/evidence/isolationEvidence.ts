import { narrow, type IsolationTrial } from '../isolation/index.ts';
import type { BreakerEvent } from '../../record/entities/index.ts';
import { type BreakerRecord, type EvidenceItem, marked } from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

/** A reset with only some of the loads connected. */
export type IsolationEvent = BreakerEvent & { connected: string[] };

/**
 * The trials of the latest isolation, oldest first: those of one case.
 *
 * @param events the breaker’s standing events, oldest first
 * @returns those with some loads connected
 * @example isolationTrials([]) // []
 */
export function isolationTrials(events: readonly BreakerEvent[]): IsolationEvent[] {
  const trials = events.filter(
    (event): event is IsolationEvent =>
      event.kind === 'reset' && event.connected !== null && event.result !== null,
  );
  const caseId = trials.at(-1)?.caseId;
  return trials.filter((event) => event.caseId === caseId);
}

/**
 * A trial as the plan sees it.
 *
 * @param event a reset with some loads connected
 * @returns what was connected, and whether it tripped
 * @example asTrial({ ...reset, connected: ['Kettle'], result: 'tripped' }) // { connected: ['Kettle'], tripped: true }
 */
export const asTrial = ({ connected, result }: IsolationEvent): IsolationTrial => ({
  connected,
  tripped: result === 'tripped',
});

/** The one thing an isolation has found to be faulty, if it has. */
function isolated(events: readonly BreakerEvent[]): string | null {
  const trials = isolationTrials(events).map(asTrial);
  // What was never connected cannot be told from the rest, and is no candidate.
  const tried = [...new Set(trials.flatMap(({ connected }) => connected))];
  const { suspects, wiring } = narrow(tried, trials);
  const tripped = trials.some((trial) => trial.tripped);
  return tripped && !wiring && suspects.length === 1 ? suspects[0]! : null;
}

/** What an isolation found, as the pattern of the trips. */
export function isolationEvidence({ entries }: BreakerRecord): EvidenceItem[] {
  const found = isolated(entries.events);
  if (found === null) return [];
  const trials = isolationTrials(entries.events);
  return [
    {
      test: 'trip-pattern',
      outcome: 'one-appliance',
      at: trials.at(-1)!.at,
      text: marked(
        { simulated: trials.some(({ simulated }) => simulated) },
        messages.isolatedTheBreakerTripsWith(found),
      ),
      figures: [],
      origin: 'computed',
    },
  ];
}
