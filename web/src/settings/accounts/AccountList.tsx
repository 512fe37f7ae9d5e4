import { ROLES, type Account, type Role } from '@phylaxon/core/record/accounts';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { ask } from '../../shared/api/index.ts';
import { invalidateRecord, recordQuery } from '../../shared/queries/index.ts';
import {
  Button,
  FieldError,
  Notice,
  SelectField,
  showErrors,
  TextField,
  useAction,
} from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Everybody with an account, and a new one. */
export function AccountList({ own }: { own: string | null }) {
  const { data: accounts = [], error } = useQuery(
    recordQuery('GET /accounts', {}, (answer) => answer.accounts),
  );
  return (
    <>
      {error && <Notice title={error.message} />}
      <ul>
        {accounts.map((account) => (
          <Row key={account.id} account={account} isOwn={account.name === own} />
        ))}
      </ul>
      <NewAccount />
    </>
  );
}

function Row({ account: { id, name, role }, isOwn }: { account: Account; isOwn: boolean }) {
  const { problem, busy, run } = useAction();
  const [isAsked, setIsAsked] = useState(false);
  const remove = () =>
    run(async () => {
      await ask('DELETE /accounts/:id', { params: { id } });
      await invalidateRecord();
    });
  return (
    <li className="border-t border-rule py-2">
      <div className="flex flex-wrap items-center gap-3">
        <span className="mr-auto min-w-0 wrap-anywhere">
          <strong>{name}</strong>
          {isOwn && <span className="text-ink-soft"> ({messages.you})</span>}
          <span className="block text-ink-soft">{messages.ROLE_WORDS[role]}</span>
        </span>
        {isAsked ? (
          <>
            <span>{messages.reallyRemove(name)}</span>
            <Button disabled={busy} onClick={() => void remove()}>
              {messages.yesRemove}
            </Button>
            <Button look="quiet" onClick={() => setIsAsked(false)}>
              {messages.keep}
            </Button>
          </>
        ) : (
          <Button look="quiet" aria-label={messages.removeName(name)} onClick={() => setIsAsked(true)}>
            {messages.remove}
          </Button>
        )}
      </div>
      <FieldError message={problem ?? undefined} />
    </li>
  );
}

const START = { name: '', password: '', role: 'electrician' as Role };

function NewAccount() {
  const form = useForm({ defaultValues: START });
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;
  const [made, setMade] = useState<string | null>(null);
  const onSubmit = async (values: typeof START) => {
    setMade(null);
    try {
      const { name } = await ask('POST /accounts', { body: values });
      setMade(name);
      form.reset(START);
      await invalidateRecord();
    } catch (error) {
      showErrors(form, error);
    }
  };
  return (
    <form
      noValidate
      aria-label={messages.newAccount}
      onSubmit={handleSubmit(onSubmit)}
      className="space-y-3 border-t border-rule-strong pt-3"
    >
      <h2 className="text-xl font-bold">{messages.newAccount}</h2>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label={messages.name} registration={register('name')} error={errors.name?.message} />
        <TextField
          label={messages.password}
          type="password"
          autoComplete="new-password"
          hint={messages.passwordHint}
          registration={register('password')}
          error={errors.password?.message}
        />
      </div>
      <SelectField
        label={messages.role}
        registration={register('role')}
        options={ROLES.map((value) => ({ value, label: messages.ROLE_MEANING[value] }))}
        error={errors.role?.message}
      />
      <FieldError message={errors.root?.message} />
      <Button type="submit" disabled={isSubmitting}>
        {messages.createAccount}
      </Button>
      <p role="status" className="min-h-6 text-good">
        {made === null ? '' : messages.created(made)}
      </p>
    </form>
  );
}
