import { atPlace } from '@phylaxon/core/panel/layout';
import { voidEntryCommands } from '@phylaxon/core/commands';
import type { Edit } from '../edit/index.ts';
import { invalidField } from '../errors/index.ts';
import {
  breakerOfEntry,
  logEvent,
  logInspection,
  logNote,
  logObservation,
  logReadings,
  panelOfEntry,
  strike,
} from '../record/index.ts';
import type { BreakerRow, EntryRef } from '../store/index.ts';
import { serve, type ServedCommand } from './serve.ts';
import { ids } from './shapes.ts';
import * as messages from './messages.ts';

/** Strike an entry, with what stands in its place if there is anything. */
async function struck<T extends { id?: string | undefined }>(
  edit: Edit,
  ref: EntryRef,
  { why, replacement }: { why: string; replacement?: T | undefined },
  log: (breaker: BreakerRow, replacement: T) => Promise<{ id: string }>,
) {
  const breaker = await breakerOfEntry(edit.manager, ref);
  edit.touch(breaker.panelId);
  if (replacement?.id === ref.id) throw invalidField('replacement.id', messages.giveTheReplacementItsOwnId);
  const stands = replacement && (await log(breaker, replacement));
  await strike(edit, ref, why, stands?.id ?? null);
  return { where: atPlace(breaker), result: { ids: stands ? [stands.id] : [] } };
}

export const serveStrikes: readonly ServedCommand[] = [
  serve(voidEntryCommands.readings, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck(
        edit,
        { kind: 'readings', id: params.id },
        body,
        async (breaker, one) => (await logReadings(edit, breaker.id, [one], () => 'replacement'))[0]!,
      ),
  }),
  serve(voidEntryCommands.events, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck(edit, { kind: 'events', id: params.id }, body, (breaker, one) =>
        logEvent(edit, breaker.id, one),
      ),
  }),
  serve(voidEntryCommands.observations, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck(edit, { kind: 'observations', id: params.id }, body, (breaker, one) =>
        logObservation(edit, breaker.id, one),
      ),
  }),
  serve(voidEntryCommands.inspections, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck(edit, { kind: 'inspections', id: params.id }, body, (breaker, one) =>
        logInspection(edit, breaker.id, one),
      ),
  }),
  serve(voidEntryCommands.notes, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck(edit, { kind: 'notes', id: params.id }, body, (breaker, one) => logNote(edit, breaker.id, one)),
  }),
  serve(voidEntryCommands.photos, {
    answer: ids,
    run: (edit, { params, body }) =>
      struck<never>(edit, { kind: 'photos', id: params.id }, { why: body.why }, (_breaker, one) => one),
  }),
  serve(voidEntryCommands.panelEntries, {
    answer: ids,
    run: async (edit, { params, body }) => {
      const panel = await panelOfEntry(edit.manager, params.id);
      edit.touch(panel.id);
      await strike(edit, { kind: 'panelEntries', id: params.id }, body.why, null);
      return { where: panel.name, result: { ids: [] } };
    },
  }),
];
