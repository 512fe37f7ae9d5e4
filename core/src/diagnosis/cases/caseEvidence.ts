import { countsFrom, gatherEvidence, type Evidence } from '../evidence/index.ts';
import type { Breaker, Observation } from '../../record/entities/index.ts';
import type { CaseRecord } from './schema.ts';

/** What a breaker is taken for while nobody knows which one it is; nothing is concluded from it. */
const UNKNOWN_PART: Omit<Breaker, 'id' | 'panelId' | 'createdAt'> = {
  role: 'branch',
  space: null,
  half: null,
  poles: 1,
  ratingAmps: 20,
  kind: 'standard',
  family: '',
  onDirection: 'right',
  installedOn: null,
  tiedWith: null,
  replaces: null,
  why: '',
  version: 0,
};

/** The answers given before the breaker was known, as observations. */
const asObservations = ({ case: { id, answers } }: CaseRecord): Observation[] =>
  answers
    .filter(({ takenBackAt }) => takenBackAt === null)
    .map(({ takenBackAt: _takenBackAt, ...answer }) => ({
      ...answer,
      breakerId: id,
      loggedAt: answer.at,
      who: null,
      struck: null,
      caseId: id,
    }));

/**
 * The evidence of a case: all that is on record of its breaker, without what only told of an earlier moment; while the
 * breaker is not known, what was answered, and what endangers every circuit of the panel.
 *
 * @param file the case with all it stands on
 * @returns evidence as of a breaker
 * @example caseEvidence(file).items // the latest outcome of each test
 */
export function caseEvidence(file: CaseRecord): Evidence {
  const { dossier, case: about, panel, policies } = file;
  const { complaint } = about;
  if (dossier) return { ...gatherEvidence(dossier), complaint };
  const breaker: Breaker = {
    ...UNKNOWN_PART,
    id: about.id,
    panelId: about.panelId ?? about.id,
    createdAt: about.openedAt,
  };
  const entries = { readings: [], events: [], observations: asObservations(file) };
  const evidence = gatherEvidence({
    panel: panel ?? { id: about.id, name: '', family: '', alsoListed: [] },
    policies,
    subject: { breaker, circuit: null, entries, since: countsFrom(about.openedAt, null) },
    main: file.main,
    others: file.others,
    curves: [],
    learned: file.learned,
  });
  return { ...evidence, complaint, anonymous: true };
}
