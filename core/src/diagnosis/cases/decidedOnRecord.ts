import { ACTIONS, type Profile } from '../../facts/vocabulary/index.ts';
import { decide, type Decision } from '../decision/index.ts';
import { caseEvidence } from './caseEvidence.ts';
import type { CaseRecord } from './schema.ts';

/** From this probability on, the cause on record explains what is complained of. */
const EXPLAINS_FROM = 0.7;

/** The case as it stood before anything was found in it. */
function asOpened(file: CaseRecord): CaseRecord {
  const { dossier, case: about } = file;
  if (!dossier) return file;
  const before = <T extends { caseId: string | null }>(entries: readonly T[]): T[] =>
    entries.filter(({ caseId }) => caseId !== about.id);
  const { entries } = dossier.subject;
  return {
    ...file,
    dossier: {
      ...dossier,
      subject: {
        ...dossier.subject,
        entries: {
          readings: before(entries.readings),
          events: before(entries.events),
          observations: before(entries.observations),
        },
      },
    },
  };
}

/**
 * Whether the breaker’s record decided the case before it was opened, and nothing found in it has overturned that: then the
 * case starts with the decision. What is reset or kept is looked at first, whatever the record says.
 *
 * @param file the case with its evidence
 * @param profile who is at work
 * @param now the decision as it stands
 * @returns false too where the record does not explain what is complained of
 */
export function isDecidedOnRecord(file: CaseRecord, profile: Profile, now: Decision): boolean {
  if (!file.dossier || !isWork(now) || !explains(file, now)) return false;
  const opened = decide(caseEvidence(asOpened(file)), profile);
  return opened.action === now.action && explains(file, opened);
}

const isWork = ({ action, family }: Decision): boolean =>
  family !== 'need-more' && action !== 'keep' && ACTIONS[action] !== 'reset';

const explains = ({ case: about }: CaseRecord, { causes: [first] }: Decision): boolean =>
  about.complaint === 'check' || (first !== undefined && first.probability >= EXPLAINS_FROM);
