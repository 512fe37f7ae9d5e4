import { z } from 'zod';
import { byId } from '../commands/index.ts';
import { handOverCard } from '../diagnosis/cases/index.ts';
import {
  account,
  accountInput,
  auditEntry,
  auditQuery,
  credentials,
  firstAccount,
  linkInput,
  newLink,
  openLink,
  session,
} from '../record/accounts/index.ts';
import { instant } from '../record/entities/index.ts';
import { feedId } from '../record/feeds/index.ts';
import { report } from '../views/report/index.ts';
import { endpoint } from './endpoint.ts';
import { inZone } from './inputs.ts';

const nothing = z.object({});
const byToken = z.object({ token: z.string() });

/** Who may do what here, and what outsiders are shown. */
export const ACCOUNT_ENDPOINTS = {
  'GET /session': endpoint({
    tag: 'accounts',
    summary: 'Who is signed in',
    answer: session,
  }),
  'POST /session': endpoint({
    tag: 'accounts',
    summary: 'Sign in',
    body: credentials,
    answer: session,
    status: 201,
  }),
  'DELETE /session': endpoint({
    tag: 'accounts',
    summary: 'Sign out',
    answer: nothing,
  }),
  'POST /accounts/first': endpoint({
    tag: 'accounts',
    summary: 'Create the first account, the owner’s, with the setup code from the server’s console',
    body: firstAccount,
    answer: account,
    status: 201,
  }),
  'GET /accounts': endpoint({
    tag: 'accounts',
    summary: 'Every account',
    answer: z.object({ accounts: z.array(account) }),
  }),
  'POST /accounts': endpoint({
    tag: 'accounts',
    summary: 'Create an account',
    body: accountInput,
    answer: account,
    status: 201,
  }),
  'DELETE /accounts/:id': endpoint({
    tag: 'accounts',
    summary: 'Remove an account and end its sessions',
    params: byId,
    answer: nothing,
  }),
  'GET /audit': endpoint({
    tag: 'accounts',
    summary: 'Who did what and when, newest first',
    query: auditQuery,
    answer: z.object({ entries: z.array(auditEntry) }),
  }),
  'GET /visits/:id/owner': endpoint({
    tag: 'visits',
    summary: 'Who is working on a visit',
    params: byId,
    answer: z.object({ name: z.string().nullable().describe('null: nobody yet'), isYou: z.boolean() }),
  }),
  'POST /visits/:id/owner': endpoint({
    tag: 'visits',
    summary: 'Take over a visit from the person who is working on it',
    params: byId,
    body: z.strictObject({}),
    answer: z.object({ name: z.string().nullable(), isYou: z.boolean() }),
  }),
  'GET /meters': endpoint({
    tag: 'feeds',
    summary: 'Meters that send with a token of their own',
    answer: z.object({ meters: z.array(z.object({ feed: feedId, createdAt: instant })) }),
  }),
  'POST /meters': endpoint({
    tag: 'feeds',
    summary: 'Give a meter a token; a token that it had before is no longer valid',
    body: z.strictObject({ feed: feedId }),
    answer: z.object({ feed: feedId, token: z.string() }),
    status: 201,
  }),
  'DELETE /meters/:feed': endpoint({
    tag: 'feeds',
    summary: 'Remove a meter’s token',
    params: z.object({ feed: feedId }),
    answer: nothing,
  }),
  'GET /sites/:id/links': endpoint({
    tag: 'sharing',
    summary: 'Links of a site that are open',
    params: byId,
    answer: z.object({ links: z.array(openLink) }),
  }),
  'POST /sites/:id/links': endpoint({
    tag: 'sharing',
    summary: 'Create a link that shows a report or a hand-over to anyone who has it',
    params: byId,
    body: linkInput,
    answer: newLink,
    status: 201,
  }),
  'DELETE /links/:id': endpoint({
    tag: 'sharing',
    summary: 'Withdraw a link',
    params: byId,
    answer: nothing,
  }),
  'GET /shared/:token': endpoint({
    tag: 'sharing',
    summary: 'What a link shows',
    params: byToken,
    query: inZone,
    answer: z.discriminatedUnion('what', [
      z.object({ what: z.literal('report'), expiresAt: instant, report }),
      z.object({ what: z.literal('hand-over'), expiresAt: instant, card: handOverCard }),
    ]),
  }),
};
