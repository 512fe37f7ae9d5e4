import * as commands from '@phylaxon/core/commands';
import { troubleCase } from '@phylaxon/core/record/entities';
import { caseRecordOf, decisionInCase } from '../cases/index.ts';
import {
  answerCase,
  caseFromRow,
  changeCase,
  closeCase,
  confirmCase,
  openNewCase,
  passInCase,
  reopenCase,
  takeBackAnswer,
} from '../record/index.ts';
import { decisionText } from '../recordService/index.ts';
import type { CaseRow } from '../store/index.ts';
import { serve, type ServedCommand } from './serve.ts';

const worked = (row: CaseRow) => ({ siteId: row.siteId, result: caseFromRow(row) });
const answer = troubleCase;

export const serveCases: readonly ServedCommand[] = [
  serve(commands.openCaseCommand, {
    status: 201,
    answer,
    run: async (edit, { body }) => worked(await openNewCase(edit, body)),
  }),
  serve(commands.changeCaseCommand, {
    answer,
    run: async (edit, { params, body }) => worked(await changeCase(edit, params.id, body)),
  }),
  serve(commands.answerCaseCommand, {
    status: 201,
    answer,
    run: async (edit, { params, body }) => worked(await answerCase(edit, params.id, body.answers)),
  }),
  serve(commands.withdrawAnswerCommand, {
    answer,
    run: async (edit, { params }) => worked(await takeBackAnswer(edit, params.id, params.answer)),
  }),
  serve(commands.skipTestCommand, {
    answer,
    run: async (edit, { params, body }) => worked(await passInCase(edit, params.id, body)),
  }),
  serve(commands.closeCaseCommand, {
    answer,
    run: async (edit, { params, body }) => {
      const decision = decisionInCase(await caseRecordOf(edit.manager, params.id));
      return worked(await closeCase(edit, params.id, body, decisionText(decision)));
    },
  }),
  serve(commands.confirmCaseCommand, {
    answer,
    run: async (edit, { params, body }) => worked(await confirmCase(edit, params.id, body)),
  }),
  serve(commands.reopenCaseCommand, {
    answer,
    run: async (edit, { params }) => worked(await reopenCase(edit, params.id)),
  }),
];
