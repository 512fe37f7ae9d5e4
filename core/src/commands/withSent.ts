import type { CaseRecord } from '../diagnosis/cases/index.ts';
import type { Command, ShownBreaker } from './command/index.ts';
import { commandOf, type SentCommand } from './sent.ts';

/** A command with what was sent as its schemas leave it; `null`: it is not known, or is none. */
function understood(sent: SentCommand): { command: Command; params: unknown; body: unknown } | null {
  const command = commandOf(sent);
  const params = command?.params.safeParse(sent.params);
  const body = command?.body?.safeParse(sent.body);
  if (!command || !params?.success || body?.success === false) return null;
  return { command, params: params.data, body: body?.data };
}

/**
 * Whether a command is done in a case, whatever is known of that so far.
 *
 * @param sent the command
 * @param caseId the case
 * @param record the case as far as it is known
 * @returns whether what it does belongs to that case
 * @example isInCase({ command: 'close-case', params: { id: caseId }, body }, caseId, null) // true
 */
export function isInCase(sent: SentCommand, caseId: string, record: CaseRecord | null): boolean {
  const known = understood(sent);
  if (known?.command.caseOf) return known.command.caseOf(known.params, known.body as undefined) === caseId;
  return record !== null && withSent(record, [sent]) !== record;
}

/**
 * A case as it will be once everything that waits for the server is stored: so that work goes on without it.
 *
 * @param record the case as the server last told it
 * @param waiting what waits, oldest first; what is not this case’s is left out
 * @returns the case with all that in its place; the same object where nothing of it is this case’s
 * @example withSent(record, []) // record
 */
export const withSent = (record: CaseRecord, waiting: readonly SentCommand[]): CaseRecord =>
  waiting.reduce((before, sent) => {
    const known = understood(sent);
    const { command, params, body } = known ?? {};
    if (!command?.apply) return before;
    // Where a command does not say in which case it is done, what it changes tells.
    if (command.caseOf && command.caseOf(params, body as undefined) !== record.case.id) return before;
    return command.apply(before, params, body as undefined);
  }, record);

/**
 * A breaker as it will be drawn once everything that waits for the server is stored; what is decided of it stays as the
 * server last told it.
 *
 * @param shown a breaker on a board, or a whole detail
 * @param waiting what waits, oldest first; what is about other breakers is left out
 * @returns the same with its drawing changed; the same object where nothing of it waits
 * @example breakerWithSent(detail, []) // detail
 */
export const breakerWithSent = <Shown extends ShownBreaker>(
  shown: Shown,
  waiting: readonly SentCommand[],
): Shown =>
  waiting.reduce((before, sent) => {
    if (sent.params.id !== before.breaker.id) return before;
    const known = understood(sent);
    return known?.command.draw ? (known.command.draw(before, known.body as undefined) as Shown) : before;
  }, shown);
