import { useEffect, useRef } from 'react';
import { useForm } from 'react-hook-form';
import { ask } from '../../shared/api/index.ts';
import { signIn } from '../../shared/queries/index.ts';
import { Button, FieldError, showErrors, TextField } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Values {
  code: string;
  name: string;
  password: string;
}

/** The way in: name and password; where the record has no account yet, the owner’s is made first. */
export function SignIn({ isNew }: { isNew: boolean }) {
  const form = useForm<Values>({ defaultValues: { code: '', name: '', password: '' } });
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), [isNew]);
  const onSubmit = async ({ code, name, password }: Values) => {
    try {
      if (isNew) await ask('POST /accounts/first', { body: { code: code.trim(), name, password } });
      await signIn(name, password);
    } catch (error) {
      showErrors(form, error, (path) => (path in form.getValues() ? (path as keyof Values) : undefined));
    }
  };
  return (
    <main className="mx-auto max-w-md px-4 py-8">
      <title>{messages.signInPhylaxon}</title>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
        <h1 ref={heading} tabIndex={-1} className="text-3xl font-bold outline-none">
          {isNew ? messages.createTheOwnerAccount : messages.signIn}
        </h1>
        <p>{isNew ? messages.theServerPrintedACode : messages.thisRecordHasAccounts}</p>
        {isNew && (
          <TextField
            label={messages.setupCode}
            registration={register('code')}
            error={errors.code?.message}
          />
        )}
        <TextField
          label={messages.name}
          autoComplete="username"
          registration={register('name')}
          error={errors.name?.message}
        />
        <TextField
          label={messages.password}
          type="password"
          autoComplete={isNew ? 'new-password' : 'current-password'}
          hint={isNew ? messages.passwordHint : undefined}
          registration={register('password')}
          error={errors.password?.message}
        />
        <FieldError message={errors.root?.message} />
        <Button type="submit" disabled={isSubmitting} className="w-full">
          {isNew ? messages.createAccount : messages.signIn}
        </Button>
        {!isNew && <p className="text-sm text-ink-soft">{messages.forgotten}</p>}
      </form>
    </main>
  );
}
