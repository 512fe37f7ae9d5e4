import type { Breaker } from '@phylaxon/core/record/entities';
import { useForm } from 'react-hook-form';
import { entries } from '../../shared/api/index.ts';
import {
  Button,
  FieldError,
  nowLocal,
  showErrors,
  TextField,
  toInstant,
  useDraft,
  withDraft,
} from '../../shared/ui/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

const EMPTY = { note: '' };

/** Something to remember, in one’s own words. */
export function NoteForm({ breaker, where }: { breaker: Breaker; where: string }) {
  const draftName = `note-${breaker.id}`;
  const form = useForm({ defaultValues: withDraft(draftName, EMPTY) });
  const draft = useDraft(draftName, form, () => EMPTY);
  const { register, handleSubmit, formState } = form;

  const onSubmit = async ({ note }: { note: string }) => {
    try {
      await sendEntries(entries.note(breaker.id, where, { note, at: toInstant(nowLocal()) }));
      draft.clear();
    } catch (error) {
      showErrors(form, error);
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="flex items-end gap-2">
      <TextField
        className="flex-1"
        label={messages.writeANote}
        registration={register('note', { required: messages.writeSomethingFirst })}
        error={formState.errors.note?.message}
      />
      <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
        {messages.saveNote}
      </Button>
      <FieldError message={formState.errors.root?.message} />
    </form>
  );
}
