import type { Board } from '@phylaxon/core/views/board';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { fileAddresses, drawing } from '../../shared/api/index.ts';
import { DirectoryForm, PanelForm } from '../setup/index.ts';
import { Button, FieldError, showErrors, TextField, useAction } from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import { ImportReadings } from './ImportReadings.tsx';
import * as messages from './messages.ts';

/** The panel itself: what it is, its directory, its tables, another like it, off the site. */
export function SetUp({ board }: { board: Board }) {
  const navigate = useNavigate();
  const { panel } = board;
  return (
    <div className="max-w-3xl space-y-6">
      <h1 className="text-2xl font-bold">{messages.setUp(panel.name)}</h1>
      <PanelForm
        siteId={board.site.id}
        board={board}
        onStore={(input, _siteName, version) => sendNow(drawing.changePanel(panel.id, { ...input, version }))}
        onStored={async () => {
          await navigate(`/panels/${panel.id}`);
        }}
      />
      <details className="border-t border-rule-strong pt-2">
        <summary className="min-h-11 py-2 text-xl font-bold">{messages.typeTheDirectory}</summary>
        <DirectoryForm board={board} />
      </details>
      <section className="border-t border-rule-strong pt-3">
        <h2 className="text-xl font-bold">{messages.tables}</h2>
        <p className="py-2">
          <a
            href={fileAddresses.directory(panel.id)}
            download
            className="font-semibold underline underline-offset-4"
          >
            {messages.panelDirectoryAsCsv}
          </a>
        </p>
        <ImportReadings panelId={panel.id} />
      </section>
      <Duplicate board={board} />
      <TakeOff board={board} />
    </div>
  );
}

function Duplicate({ board: { panel } }: { board: Board }) {
  const navigate = useNavigate();
  const form = useForm({ defaultValues: { name: messages.copy(panel.name) } });
  const { register, handleSubmit, formState } = form;
  const onSubmit = async ({ name }: { name: string }) => {
    try {
      const { id } = await sendNow(drawing.duplicatePanel(panel.id, name));
      await navigate(`/panels/${id}/setup`);
    } catch (error) {
      showErrors(form, error);
    }
  };
  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.copyThisPanel}</h2>
      <p className="mb-2 text-ink-soft">{messages.copiesTheBreakersAndCircuits}</p>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="max-w-xs flex-1"
          label={messages.nameOfTheNewPanel}
          registration={register('name')}
          error={formState.errors.name?.message}
        />
        <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
          {messages.duplicate}
        </Button>
      </div>
      <FieldError message={formState.errors.root?.message} />
    </form>
  );
}

function TakeOff({ board: { panel, site } }: { board: Board }) {
  const navigate = useNavigate();
  const { problem, busy, leave } = useAction();
  const takeOff = () =>
    leave(async () => {
      await sendNow(drawing.removePanel(panel.id, panel.name));
      await navigate(`/sites/${site.id}`);
    });
  return (
    <section className="border-t border-rule-strong pt-3">
      <Button look="quiet" disabled={busy} onClick={() => void takeOff()}>
        {messages.removeThisPanel}
      </Button>
      <p className="mt-1 text-sm text-ink-soft">{messages.itsRecordIsKeptUndoOn}</p>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
