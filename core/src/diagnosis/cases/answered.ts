import { meterPointsOf, outcomeOf, type Evidence } from '../evidence/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import type { CaseRecord } from './schema.ts';
import { BARE, isByReset } from './stepTests.ts';

/** Whether it was reset in this case, so that only the power is still to be looked at. */
export const wasReset = ({ log, dossier }: CaseRecord, evidence: Evidence) =>
  dossier === null
    ? outcomeOf(evidence, 'reset-feel') !== undefined
    : log.some(({ kind, entry }) => kind === 'events' && entry.kind === 'reset' && entry.struck === null);

/**
 * Whether asking for it tells nothing more until something is switched: it was measured since, and as it stands the
 * figure is no outcome; or something better was measured.
 */
export function isAnsweredAsItStands(file: CaseRecord, evidence: Evidence, test: TestId): boolean {
  const { log, dossier } = file;
  if (test === BARE || isByReset(test)) return wouldNotLatch(file, test === BARE);
  // What was dead was told, though it no longer counts once there is power again.
  if (test === 'power-loss-extent' && wasTold(file, test)) return true;
  // A clamp around the conductor leaves nothing to sum up.
  if (test === 'load-share' && outcomeOf(evidence, 'clamp-current') !== undefined) return true;
  const found = log.filter(({ entry }) => entry.struck === null);
  if (test === 'trip-vs-curve')
    return found.some(
      ({ kind, entry }) => kind === 'events' && entry.amps !== null && entry.afterSeconds !== null,
    );
  const points = dossier ? meterPointsOf(test, dossier.subject.breaker.poles) : [];
  const switched = found.findLast(({ kind }) => kind === 'events')?.entry.at ?? '';
  return (
    points.length > 0 &&
    points.every(({ point }) =>
      found.some(({ kind, entry }) => kind === 'readings' && entry.point === point && entry.at >= switched),
    )
  );
}

/** Whether a look was told in this case. */
const wasTold = ({ log, case: { answers } }: CaseRecord, test: TestId): boolean =>
  answers.some((answer) => answer.test === test && answer.takenBackAt === null) ||
  log.some(({ kind, entry }) => kind === 'observations' && entry.struck === null && entry.test === test);

/** Whether it would not latch in this case, so that there is no result to tell: with everything unplugged, or as it is. */
function wouldNotLatch({ log, dossier, case: { answers } }: CaseRecord, bare: boolean): boolean {
  if (dossier !== null)
    return log.some(
      ({ kind, entry }) =>
        kind === 'events' &&
        entry.struck === null &&
        entry.feel === 'will-not-latch' &&
        entry.unplugged === bare,
    );
  // Where no breaker is drawn the first is as it is, the second with everything unplugged.
  const told = answers.filter(
    ({ test, outcome, takenBackAt }) =>
      test === 'reset-feel' && outcome === 'will-not-latch' && takenBackAt === null,
  );
  return told.length > (bare ? 1 : 0);
}
