import { decide } from '../decision/index.ts';
import { panelFindings, type BreakerRecord } from '../evidence/index.ts';
import { outcomeLevel } from '../../facts/hazards/index.ts';
import { caseEvidence } from './caseEvidence.ts';
import type { CaseRecord } from './schema.ts';

/** An entry of a breaker’s log, or an answer that is kept in the case. */
export interface StandInEntry {
  kind: 'readings' | 'events' | 'observations' | 'answers';
  id: string;
}

/** What the stand-in told of a breaker, and whether it is a danger by itself. */
const entriesOf = ({ entries }: BreakerRecord) =>
  (['readings', 'events', 'observations'] as const).flatMap((kind) =>
    entries[kind]
      .filter(({ simulated, struck }) => simulated && struck === null)
      .map((entry) => ({
        kind,
        id: entry.id,
        danger: 'test' in entry && outcomeLevel(entry.test, entry.outcome) === 'stop',
      })),
  );

/** A file of a breaker without some of its entries. */
function without(file: BreakerRecord, ids: ReadonlySet<string>): BreakerRecord {
  const left = <T extends { id: string }>(list: readonly T[]) => list.filter(({ id }) => !ids.has(id));
  const { readings, events, observations } = file.entries;
  return {
    ...file,
    entries: { readings: left(readings), events: left(events), observations: left(observations) },
  };
}

/** Whether a case is still stopped without some entries. */
function isStoppedWithout(file: CaseRecord, ids: ReadonlySet<string>): boolean {
  const { dossier, main, others, case: about } = file;
  const left: CaseRecord = {
    ...file,
    case: { ...about, answers: about.answers.filter(({ id }) => !ids.has(id)) },
    main: main && without(main, ids),
    others: others.map((one) => without(one, ids)),
    dossier: dossier && {
      ...dossier,
      subject: without(dossier.subject, ids),
      main: dossier.main && without(dossier.main, ids),
      others: dossier.others.map((one) => without(one, ids)),
    },
  };
  return decide(caseEvidence(left)).stop.active;
}

/**
 * What the simulated stand-in told of a danger that stops a case, in it or earlier in the panel, so that it can be taken back on a
 * demo site. A danger that anybody else has told of is never among it.
 *
 * @returns the entries without which nothing stops it; none where it is not stopped, or stopped by anything else as well
 * @throws never
 * @example standInDanger(aCaseWithoutAStop) // []
 */
export function standInDanger(file: CaseRecord): StandInEntry[] {
  const { dossier, main, others, case: about } = file;
  const elsewhere = [...(dossier?.others ?? []), ...others].filter((one) => panelFindings(one).length > 0);
  const files = [dossier?.subject, dossier?.main, main, ...elsewhere].filter(
    (one) => one !== null && one !== undefined,
  );
  const all = [
    ...files.flatMap(entriesOf),
    ...about.answers
      .filter(({ simulated, takenBackAt }) => simulated && takenBackAt === null)
      .map(({ id, test, outcome }) => ({
        kind: 'answers' as const,
        id,
        danger: outcomeLevel(test, outcome) === 'stop',
      })),
  ].filter(({ id }, i, list) => list.findIndex((one) => one.id === id) === i);
  if (!isStoppedWithout(file, new Set())) return [];
  for (const some of [all.filter(({ danger }) => danger), all]) {
    if (some.length > 0 && !isStoppedWithout(file, new Set(some.map(({ id }) => id))))
      return some.map(({ kind, id }) => ({ kind, id }));
  }
  return [];
}
