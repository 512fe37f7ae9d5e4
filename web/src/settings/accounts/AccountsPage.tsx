import { useSession } from '../../shared/queries/index.ts';
import { Notice, PageHead } from '../../shared/ui/index.ts';
import { AccountList } from './AccountList.tsx';
import { Activity } from './Activity.tsx';
import { Meters } from './Meters.tsx';
import * as messages from './messages.ts';

/** Who may sign in, with which role, and who did what. */
export function AccountsPage() {
  const session = useSession();
  const isOff = session.is === 'in' && session.name === null;
  const isOwner = session.is === 'in' && session.role === 'owner';
  return (
    <main className="mx-auto max-w-3xl space-y-6 px-4 py-6">
      <title>{messages.accountsPhylaxon}</title>
      <PageHead backTo="/settings" back={messages.settings} title={messages.accounts} />
      {isOff && <Notice title={messages.accountsAreOff}>{messages.accountsAreOffBecause}</Notice>}
      {!isOff && !isOwner && <Notice title={messages.onlyAnOwner} />}
      {!isOff && isOwner && (
        <>
          <AccountList own={session.name} />
          <Meters />
          <Activity />
        </>
      )}
    </main>
  );
}
