import { caseRecord, caseSummary, suspect } from '@phylaxon/core/diagnosis/cases';
import {
  caseAnswers,
  caseChange,
  caseClosing,
  caseConfirmation,
  caseInput,
  casePass,
  id,
  troubleCase,
} from '@phylaxon/core/record/entities';
import { z } from 'zod';
import { caseRecordOf, decisionInCase, openSummaries, summariesOf, suspectsOf } from '../cases/index.ts';
import type { Edit } from '../edit/index.ts';
import { route, type Route } from '../http/index.ts';
import {
  answerCase,
  caseOf,
  caseRow,
  changeCase,
  closeCase,
  confirmCase,
  openNewCase,
  passInCase,
  reopenCase,
  takeBackAnswer,
} from '../record/index.ts';
import type { CaseRow } from '../store/index.ts';
import { decisionText } from '../recordService/index.ts';
import type { Context } from './context.ts';
import { byId } from './shapes.ts';

export function caseRoutes({ record, changes }: Context): Route[] {
  const change = (label: string, work: (edit: Edit) => Promise<CaseRow>) =>
    record.change(async (edit) => {
      const row = await work(edit);
      return { label, siteId: row.siteId, result: caseOf(row) };
    });

  return [
    route({
      method: 'get',
      path: '/cases',
      tag: 'cases',
      summary: 'Cases that are open, at any site, the newest first',
      status: 200,
      answer: z.object({ cases: z.array(caseSummary) }),
      handle: async () => ({ cases: await record.read(openSummaries) }),
    }),
    route({
      method: 'get',
      path: '/sites/:id/cases',
      tag: 'cases',
      summary: 'A site’s cases in short, the newest first',
      params: byId,
      status: 200,
      answer: z.object({ cases: z.array(caseSummary) }),
      handle: async ({ params }) => ({
        cases: await record.read((manager) => summariesOf(manager, params.id)),
      }),
    }),
    route({
      method: 'get',
      path: '/sites/:id/suspects',
      tag: 'cases',
      summary: 'Every breaker at a site, with what a search for the right one looks at',
      params: byId,
      status: 200,
      answer: z.object({ suspects: z.array(suspect) }),
      handle: async ({ params }) => ({
        suspects: await record.read((manager) => suspectsOf(manager, params.id)),
      }),
    }),
    route({
      method: 'post',
      path: '/cases',
      tag: 'cases',
      summary: 'Open a case: on a breaker, in a panel, or with nothing known but the site',
      body: caseInput,
      status: 201,
      answer: troubleCase,
      handle: ({ body }) =>
        record.change(async (edit) => ({
          label: 'Opened a case',
          siteId: body.siteId,
          result: caseOf(await openNewCase(edit, body)),
        })),
    }),
    route({
      method: 'get',
      path: '/cases/:id',
      tag: 'cases',
      summary: 'A case with everything it stands on',
      params: byId,
      status: 200,
      answer: caseRecord,
      handle: ({ params }) => record.read((manager) => caseRecordOf(manager, params.id)),
    }),
    {
      method: 'get',
      path: '/cases/:id/changes',
      tag: 'cases',
      summary: 'Server-sent events: “changed” whenever something at the case’s site was changed',
      params: byId,
      status: 200,
      answer: z.string(),
      handle: () => undefined,
      stream: async (params, send) => {
        const { id: caseId } = params as z.output<typeof byId>;
        const { siteId } = await record.read((manager) => caseRow(manager, caseId));
        return changes.watch([siteId], () => send('changed'));
      },
    },
    route({
      method: 'patch',
      path: '/cases/:id',
      tag: 'cases',
      summary: 'Say which breaker it is, what else is dead, what is connected',
      params: byId,
      body: caseChange,
      status: 200,
      answer: troubleCase,
      handle: ({ params, body }) => change('Changed a case', (edit) => changeCase(edit, params.id, body)),
    }),
    route({
      method: 'post',
      path: '/cases/:id/answers',
      tag: 'cases',
      summary: 'Answer questions of a case: all of them or none',
      params: byId,
      body: caseAnswers,
      status: 201,
      answer: troubleCase,
      handle: ({ params, body }) =>
        change('Answered in a case', (edit) => answerCase(edit, params.id, body.answers)),
    }),
    route({
      method: 'delete',
      path: '/cases/:id/answers/:answer',
      tag: 'cases',
      summary: 'Take back an answer that was given before the breaker was known',
      params: byId.extend({ answer: id }),
      status: 200,
      answer: troubleCase,
      handle: ({ params }) =>
        change('Took an answer back', (edit) => takeBackAnswer(edit, params.id, params.answer)),
    }),
    route({
      method: 'post',
      path: '/cases/:id/passed',
      tag: 'cases',
      summary: 'Put a question of a case aside, or take it up again',
      params: byId,
      body: casePass,
      status: 200,
      answer: troubleCase,
      handle: ({ params, body }) =>
        change('Put a question aside', (edit) => passInCase(edit, params.id, body)),
    }),
    route({
      method: 'post',
      path: '/cases/:id/close',
      tag: 'cases',
      summary: 'Close a case with its outcome; the decision is kept as it stands',
      params: byId,
      body: caseClosing,
      status: 200,
      answer: troubleCase,
      handle: ({ params, body }) =>
        change('Closed a case', async (edit) => {
          const decision = decisionInCase(await caseRecordOf(edit.manager, params.id));
          return closeCase(edit, params.id, body, decisionText(decision));
        }),
    }),
    route({
      method: 'post',
      path: '/cases/:id/confirmation',
      tag: 'cases',
      summary: 'Say what a closed case turned out to have been, who found it and how; null takes it back',
      params: byId,
      body: caseConfirmation,
      status: 200,
      answer: troubleCase,
      handle: ({ params, body }) => change('Said what it was', (edit) => confirmCase(edit, params.id, body)),
    }),
    route({
      method: 'post',
      path: '/cases/:id/reopen',
      tag: 'cases',
      summary: 'Take a closed case up again',
      params: byId,
      body: z.strictObject({}),
      status: 200,
      answer: troubleCase,
      handle: ({ params }) => change('Took a case up again', (edit) => reopenCase(edit, params.id)),
    }),
  ];
}
