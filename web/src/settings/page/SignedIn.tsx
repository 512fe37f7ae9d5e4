import { Link } from 'react-router';
import { signOut, useSession } from '../../shared/queries/index.ts';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Who is signed in, the way out, and the way to all accounts. */
export function SignedIn() {
  const session = useSession();
  const { problem, busy, run } = useAction();
  if (session.is !== 'in') return null;
  return (
    <section aria-label={messages.account} className="space-y-2 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.account}</h2>
      <p>
        {session.name === null ? messages.accountsAreOff : messages.signedInAs(session.name, session.role)}
      </p>
      <p className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <Link to="/accounts" className="inline-flex min-h-11 items-center underline underline-offset-4">
          {messages.accountsAndActivity}
        </Link>
        {session.name !== null && (
          <Button look="quiet" disabled={busy} onClick={() => void run(signOut)}>
            {messages.signOut}
          </Button>
        )}
      </p>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
