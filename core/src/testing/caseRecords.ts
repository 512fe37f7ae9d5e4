import type { CaseRecord } from '../diagnosis/cases/index.ts';
import type { TestResult } from '../facts/vocabulary/index.ts';
import type { TroubleCase } from '../record/entities/index.ts';
import { DEFAULT_POLICIES } from '../record/settings/index.ts';
import { aTroubleCase, minute, uuid } from './builders.ts';

/** A case of which no breaker is drawn, with what was answered in it, a minute apart. */
export const anAnsweredCase = (
  results: readonly TestResult[],
  about: Partial<TroubleCase> = {},
): CaseRecord => ({
  case: aTroubleCase({
    openedBy: 'electrician',
    answers: results.map(({ test, outcome }, i) => ({
      id: uuid(7100 + i),
      test,
      outcome,
      at: minute(i + 1),
      note: '',
      simulated: false,
      takenBackAt: null,
    })),
    ...about,
  }),
  site: { id: uuid(7001), name: 'Home', note: '', zone: null, createdAt: minute(0), demo: false, version: 0 },
  panel: null,
  policies: DEFAULT_POLICIES,
  learned: null,
  dossier: null,
  main: null,
  others: [],
  partGone: false,
  log: [],
  decision: null,
});
