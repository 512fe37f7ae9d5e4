import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useForm } from 'react-hook-form';
import { api } from '../api/index.ts';
import { Button, FieldError, showErrors, TextField } from '../shared/index.ts';
import { usePanel } from '../stores/index.ts';
import type { StoryEntry } from './entries.ts';

/** Strike an entry: it stays on record, crossed out, with the reason. */
export function StrikeDialog({ entry, onClose }: { entry: StoryEntry; onClose: () => void }) {
  const refresh = usePanel((state) => state.refresh);
  const form = useForm<{ why: string }>({ defaultValues: { why: '' } });
  const { register, handleSubmit, formState } = form;

  const onSubmit = async ({ why }: { why: string }) => {
    try {
      await api.strike(entry.kind, entry.id, why);
      onClose();
      await refresh();
    } catch (error) {
      showErrors(form, error);
    }
  };

  return (
    <Dialog open onClose={onClose} className="fixed inset-0 z-10">
      <div className="fixed inset-0 flex items-center justify-center bg-enamel-sunk/70 p-4">
        <DialogPanel className="w-full max-w-md bg-bone-raised p-5">
          <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
            <DialogTitle className="text-xl font-bold">Strike this entry</DialogTitle>
            <p>
              {entry.what} {entry.figure}. It stays on record, crossed out, and no longer counts. To correct
              it, log the right one as well.
            </p>
            <TextField label="Why?" registration={register('why')} error={formState.errors.why?.message} />
            <FieldError message={formState.errors.root?.message} />
            <div className="flex gap-3">
              <Button type="submit" disabled={formState.isSubmitting}>
                Strike it
              </Button>
              <Button look="quiet" onClick={onClose}>
                Leave it
              </Button>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
