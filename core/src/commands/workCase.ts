import { z } from 'zod';
import type { CaseRecord } from '../diagnosis/cases/index.ts';
import type { Profile } from '../facts/vocabulary/index.ts';
import {
  caseAnswers,
  caseChange,
  caseClosing,
  caseConfirmation,
  caseInput,
  casePass,
  id,
  type KeptAnswer,
} from '../record/entities/index.ts';
import { command, asKept, withLogged, byId, mayTest } from './command/index.ts';
import * as messages from './messages.ts';

type Answers = z.output<typeof caseAnswers>['answers'];

const changed = (record: CaseRecord, fields: Partial<CaseRecord['case']>): CaseRecord => ({
  ...record,
  case: { ...record.case, ...fields },
});

/** Why this person may not have found these answers; `null`: they may. */
const mayAnswer = (profile: Profile, { answers }: { answers: Answers }) =>
  mayTest(
    profile,
    answers.map(({ test }) => test),
  );

const thisCase = ({ id: caseId }: { id: string }) => caseId;

export const openCaseCommand = command({
  id: 'open-case',
  method: 'post',
  path: '/cases',
  tag: 'cases',
  summary: 'Open a case about a breaker, a panel, or only a site',
  params: z.object({}),
  body: caseInput,
  label: () => messages.openedACase,
  refuses: mayAnswer,
  caseOf: (_params, { id: caseId }) => caseId ?? null,
});

export const changeCaseCommand = command({
  id: 'change-case',
  method: 'patch',
  path: '/cases/:id',
  tag: 'cases',
  summary: 'Set the breaker, the other dead places, or the connected loads of a case',
  params: byId,
  body: caseChange,
  label: () => messages.editedACase,
  refuses: mayAnswer,
  caseOf: thisCase,
  // Which breaker it is, is the server’s to say: all its record comes with it.
  apply: (record, _params, { version: _version, breakerId: _breakerId, answers: _answers, ...fields }) =>
    changed(record, fields),
});

/** Answers go to the log of the breaker, or stay with the case until that is known. */
function withAnswers(record: CaseRecord, answers: Answers): CaseRecord {
  const { breakerId, id: caseId } = record.case;
  if (breakerId !== null)
    return withLogged(
      record,
      breakerId,
      'observations',
      answers.map((answer) => asKept(answer, breakerId, caseId)),
    );
  const known = new Set(record.case.answers.map((answer) => answer.id));
  const fresh = answers
    .map((answer): KeptAnswer => ({ ...answer, id: answer.id ?? '', takenBackAt: null }))
    .filter((answer) => !known.has(answer.id));
  return changed(record, { answers: [...record.case.answers, ...fresh] });
}

export const answerCaseCommand = command({
  id: 'answer-case',
  method: 'post',
  path: '/cases/:id/answers',
  tag: 'cases',
  summary: 'Answer questions of a case, all of them or none',
  params: byId,
  body: caseAnswers,
  label: () => messages.answeredQuestionsInACase,
  refuses: mayAnswer,
  caseOf: thisCase,
  apply: (record, _params, { answers }) => withAnswers(record, answers),
});

export const withdrawAnswerCommand = command({
  id: 'take-back-answer',
  method: 'delete',
  path: '/cases/:id/answers/:answer',
  tag: 'cases',
  summary: 'Undo an answer that was given before the breaker was known',
  params: byId.extend({ answer: id }),
  label: () => messages.undidAnAnswer,
  caseOf: thisCase,
  apply: (record, { answer }) =>
    changed(record, {
      answers: record.case.answers.map((one) =>
        one.id === answer ? { ...one, takenBackAt: one.takenBackAt ?? one.at } : one,
      ),
    }),
});

export const skipTestCommand = command({
  id: 'pass-in-case',
  method: 'post',
  path: '/cases/:id/passed',
  tag: 'cases',
  summary: 'Skip a question of a case, or ask it again',
  params: byId,
  body: casePass,
  label: () => messages.skippedAQuestion,
  caseOf: thisCase,
  apply: (record, _params, { tests, why, at }) => {
    const rest = record.case.passed.filter(({ test }) => !tests.includes(test));
    return changed(record, {
      passed: why === null ? rest : [...rest, ...tests.map((test) => ({ test, why, at }))],
    });
  },
});

export const closeCaseCommand = command({
  id: 'close-case',
  method: 'post',
  path: '/cases/:id/close',
  tag: 'cases',
  summary: 'Close a case with its result; the current decision is kept',
  params: byId,
  body: caseClosing,
  label: () => messages.closedACase,
  caseOf: thisCase,
});

export const confirmCaseCommand = command({
  id: 'confirm-case',
  method: 'post',
  path: '/cases/:id/confirmation',
  tag: 'cases',
  summary: 'Set the confirmed cause of a closed case, who found it and how; null removes it',
  params: byId,
  body: caseConfirmation,
  label: () => messages.setTheConfirmedCause,
  caseOf: thisCase,
  apply: (record, _params, { confirmed }) => changed(record, { confirmed }),
});

export const reopenCaseCommand = command({
  id: 'reopen-case',
  method: 'post',
  path: '/cases/:id/reopen',
  tag: 'cases',
  summary: 'Reopen a closed case',
  params: byId,
  body: z.strictObject({}),
  label: () => messages.reopenedACase,
  caseOf: thisCase,
});
