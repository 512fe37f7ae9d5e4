import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { ask } from '../../shared/api/index.ts';
import { invalidateRecord, recordQuery } from '../../shared/queries/index.ts';
import {
  Button,
  FieldError,
  Notice,
  showErrors,
  TextField,
  useAction,
  useUnits,
} from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Meters that send by themselves, each with a token, so that nobody else sends under its name. */
export function Meters() {
  const { timeText } = useUnits();
  const { data: meters = [], error } = useQuery(recordQuery('GET /meters', {}, (answer) => answer.meters));
  const [made, setMade] = useState<{ feed: string; token: string } | null>(null);
  const { problem, busy, run } = useAction();
  const form = useForm({ defaultValues: { feed: '' } });
  const { register, handleSubmit, formState } = form;
  const onSubmit = async (values: { feed: string }) => {
    try {
      setMade(await ask('POST /meters', { body: values }));
      form.reset();
      await invalidateRecord();
    } catch (refused) {
      showErrors(form, refused);
    }
  };
  const remove = (feed: string) =>
    run(async () => {
      await ask('DELETE /meters/:feed', { params: { feed } });
      setMade(null);
      await invalidateRecord();
    });
  return (
    <section aria-label={messages.meters} className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.meters}</h2>
      <p className="text-ink-soft">{messages.aMeterWithAToken}</p>
      {error && <Notice title={error.message} />}
      <ul>
        {meters.map(({ feed, createdAt }) => (
          <li key={feed} className="flex flex-wrap items-center gap-3 border-t border-rule py-2">
            <span className="mr-auto min-w-0 wrap-anywhere">
              <strong>{feed}</strong>
              <span className="block text-ink-soft">{messages.tokenFrom(timeText(createdAt))}</span>
            </span>
            <Button
              look="quiet"
              disabled={busy}
              aria-label={messages.removeTokenOf(feed)}
              onClick={() => void remove(feed)}
            >
              {messages.removeToken}
            </Button>
          </li>
        ))}
      </ul>
      <FieldError message={problem ?? undefined} />
      <form
        noValidate
        aria-label={messages.newToken}
        onSubmit={handleSubmit(onSubmit)}
        className="flex flex-wrap items-end gap-3"
      >
        <TextField
          label={messages.nameOfTheMeter}
          registration={register('feed')}
          error={formState.errors.feed?.message}
          className="w-64 max-w-full"
        />
        <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
          {messages.createToken}
        </Button>
      </form>
      <FieldError message={formState.errors.root?.message} />
      <div role="status">
        {made && (
          <p className="border-l-4 border-ink bg-bone-raised p-3">
            {messages.tokenOf(made.feed)} <code className="wrap-anywhere">{made.token}</code>
          </p>
        )}
      </div>
    </section>
  );
}
