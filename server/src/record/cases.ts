import type {
  caseAnswers,
  caseChange,
  caseClosing,
  caseConfirmation,
  caseInput,
  casePass,
  KeptAnswer,
} from '@phylaxon/core/record/entities';
import { isDeepStrictEqual } from 'node:util';
import { outcomeLevel } from '@phylaxon/core/facts/hazards';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { newRowId, refuseStale, type Edit } from '../edit/index.ts';
import { invalidField, notFound, conflict } from '../errors/index.ts';
import { BreakerTable, CaseTable, type CaseRow } from '../store/index.ts';
import { breakerRow } from './breakers.ts';
import { caseRow } from './caseRows.ts';
import { entryById, givenOnce, idTaken, logObservation, notInFuture } from './log.ts';
import { panelRow } from './panelRows.ts';
import { siteRow } from './sites.ts';
import * as messages from './messages.ts';

type Answers = z.output<typeof caseAnswers>['answers'];

async function openCase(manager: EntityManager, id: string): Promise<CaseRow> {
  const row = await caseRow(manager, id);
  if (row.closedAt !== null) throw conflict('case_closed', messages.thisCaseIsClosedReopenIt);
  return row;
}

/** Where a case belongs, checked: the breaker’s panel is the case’s. */
async function placeOf(
  edit: Edit,
  siteId: string,
  place: { panelId: string | null; breakerId: string | null },
): Promise<{ panelId: string | null; breakerId: string | null }> {
  const { breakerId } = place;
  const panelId = breakerId === null ? place.panelId : (await breakerRow(edit.manager, breakerId)).panelId;
  if (panelId !== null) {
    const panel = await panelRow(edit.manager, panelId);
    if (panel.siteId !== siteId)
      throw invalidField(breakerId === null ? 'panelId' : 'breakerId', messages.itBelongsToAnotherSite);
    edit.touch(panelId);
  }
  return { panelId, breakerId };
}

/** Open a case; one that was sent before, told by its id, is not opened twice. */
export async function openNewCase(edit: Edit, input: z.output<typeof caseInput>): Promise<CaseRow> {
  const { id = newRowId(), siteId, answers, ...rest } = input;
  await siteRow(edit.manager, siteId);
  const known = await edit.manager.findOneBy(CaseTable, { id });
  if (known) {
    const asOpened = (one: { complaint: string; openedBy: string; openedAt: string }) =>
      [one.complaint, one.openedBy, one.openedAt].join();
    if (known.siteId !== siteId || asOpened(known) !== asOpened(input)) throw idTaken('id');
    return known;
  }
  notInFuture(edit, input.openedAt, 'openedAt');
  const row: CaseRow = {
    id,
    siteId,
    ...rest,
    ...(await placeOf(edit, siteId, rest)),
    candidates: null,
    answers: [],
    passed: [],
    closedAt: null,
    outcome: null,
    confirmed: null,
    closingNote: '',
    decision: null,
    version: 0,
    removedAt: null,
  };
  await edit.insert('case', row);
  return answers.length > 0 ? answerCase(edit, id, answers) : row;
}

/** What stops everything is logged at the main while no breaker is known: it endangers every circuit. */
const endangered = (manager: EntityManager, panelId: string | null, answers: Answers) =>
  panelId !== null && answers.some(({ test, outcome }) => outcomeLevel(test, outcome) === 'stop')
    ? manager.findOneBy(BreakerTable, { panelId, role: 'main', removedAt: IsNull() })
    : null;

const isSameAnswer = (sent: Answers[number], kept: KeptAnswer) =>
  (['test', 'outcome', 'at', 'note', 'simulated'] as const).every((field) => sent[field] === kept[field]);

/** Answers given in a case: to the log of its breaker, or kept in the case until that is known. */
export async function answerCase(edit: Edit, id: string, answers: Answers): Promise<CaseRow> {
  givenOnce(answers, (i) => `answers.${i}.id`);
  const row = await openCase(edit.manager, id);
  if (row.breakerId !== null) {
    for (const answer of answers) await logObservation(edit, row.breakerId, { ...answer, caseId: id });
    return row;
  }
  const main = await endangered(edit.manager, row.panelId, answers);
  if (main) return changeCase(edit, id, { breakerId: main.id, answers });
  answers.forEach(({ at }, i) => notInFuture(edit, at, `answers.${i}.at`));
  const fresh: KeptAnswer[] = [];
  for (const [i, answer] of answers.entries()) {
    const known = row.answers.find((one) => one.id === answer.id);
    if (known ? !isSameAnswer(answer, known) : answer.id && (await entryById(edit.manager, answer.id)))
      throw idTaken(`answers.${i}.id`);
    if (!known) fresh.push({ takenBackAt: null, ...answer, id: answer.id ?? newRowId() });
  }
  if (fresh.length === 0) return row;
  if (row.panelId !== null) edit.touch(row.panelId);
  return edit.update('case', id, { answers: [...row.answers, ...fresh] });
}

/** Take back an answer that was given before the breaker was known: it stays on record and no longer counts. */
export async function takeBackAnswer(edit: Edit, id: string, answerId: string): Promise<CaseRow> {
  const row = await openCase(edit.manager, id);
  if (!row.answers.some((answer) => answer.id === answerId)) throw notFound(messages.thisAnswer);
  const takenBackAt = new Date().toISOString();
  return edit.update('case', id, {
    answers: row.answers.map((answer) =>
      answer.id === answerId ? { ...answer, takenBackAt: answer.takenBackAt ?? takenBackAt } : answer,
    ),
  });
}

/** Change a case. Once its breaker is known, what was answered before goes into that breaker’s log. */
export async function changeCase(
  edit: Edit,
  id: string,
  change: z.output<typeof caseChange>,
): Promise<CaseRow> {
  const old = await openCase(edit.manager, id);
  const { version, answers, ...fields } = change;
  // Without a version it is taken in beside whatever came meanwhile: cases are worked with the server gone, too.
  if (version !== undefined) refuseStale(messages.thisCase, old, version);
  const place = await placeOf(edit, old.siteId, {
    panelId: fields.panelId === undefined ? old.panelId : fields.panelId,
    breakerId: fields.breakerId === undefined ? old.breakerId : fields.breakerId,
  });
  if (old.breakerId !== null && place.breakerId === null)
    throw invalidField('breakerId', messages.findingsAreInTheLogOf);
  await edit.update('case', id, { ...fields, ...place });
  const row = answers.length > 0 ? await answerCase(edit, id, answers) : await caseRow(edit.manager, id);
  if (place.breakerId === null || row.answers.every(({ takenBackAt }) => takenBackAt !== null)) return row;
  for (const { takenBackAt, ...answer } of row.answers) {
    if (takenBackAt === null) await logObservation(edit, place.breakerId, { ...answer, caseId: id });
  }
  return edit.update('case', id, { answers: row.answers.filter(({ takenBackAt }) => takenBackAt !== null) });
}

/** Put a question aside, or take it up again. */
export async function passInCase(
  edit: Edit,
  id: string,
  { tests, why, at }: z.output<typeof casePass>,
): Promise<CaseRow> {
  const row = await openCase(edit.manager, id);
  const rest = row.passed.filter(({ test }) => !tests.includes(test));
  const aside = why === null ? [] : tests.map((test) => ({ test, why, at }));
  return edit.update('case', id, { passed: [...rest, ...aside] });
}

/**
 * Close a case with its outcome.
 *
 * @param decision as it stands, as JSON text
 */
export async function closeCase(
  edit: Edit,
  id: string,
  { outcome, confirmed, note, at }: z.output<typeof caseClosing>,
  decision: string,
): Promise<CaseRow> {
  const row = await caseRow(edit.manager, id);
  if (row.closedAt !== null) {
    if (row.outcome === outcome && isDeepStrictEqual(row.confirmed, confirmed)) return row;
    throw conflict('case_closed', messages.thisCaseIsAlreadyClosedWith);
  }
  if (row.panelId !== null) edit.touch(row.panelId);
  return edit.update('case', id, { closedAt: at, outcome, confirmed, closingNote: note, decision });
}

/** Say what a closed case turned out to have been, or take that back. */
export async function confirmCase(
  edit: Edit,
  id: string,
  { confirmed }: z.output<typeof caseConfirmation>,
): Promise<CaseRow> {
  const row = await caseRow(edit.manager, id);
  if (row.closedAt === null) throw conflict('case_open', messages.thisCaseIsStillOpenEnter);
  if (row.panelId !== null) edit.touch(row.panelId);
  return edit.update('case', id, { confirmed });
}

/** Take a closed case up again. */
export async function reopenCase(edit: Edit, id: string): Promise<CaseRow> {
  const row = await caseRow(edit.manager, id);
  if (row.panelId !== null) edit.touch(row.panelId);
  return edit.update('case', id, {
    closedAt: null,
    outcome: null,
    confirmed: null,
    closingNote: '',
    decision: null,
  });
}
