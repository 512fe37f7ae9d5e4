import type { Role, Session } from '@phylaxon/core/record/accounts';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { ask, onSignedOut, RequestError, SIGNED_OUT } from '../api/index.ts';
import { queryClient } from './queryClient.ts';

/** Whether somebody is signed in: `new` where the record has no account yet. */
export type SessionState =
  | ({
      is: 'in';
      /** The server said so on this visit. */
      isTold: boolean;
    } & Session)
  | { is: 'out' }
  | { is: 'new' };

const KEY = ['session'];
const STORED_AS = 'phylaxon-session';
const ACCOUNTS_OFF: SessionState = { is: 'in', isTold: false, name: null, role: 'owner' };

/** As it was on the last visit: the page opens with it, also without the server. */
function sessionOfLastVisit(): SessionState {
  try {
    const kept = JSON.parse(localStorage.getItem(STORED_AS) ?? 'null') as SessionState | null;
    return kept?.is === 'in' ? { ...kept, isTold: false } : (kept ?? ACCOUNTS_OFF);
  } catch {
    return ACCOUNTS_OFF;
  }
}

function rememberSession(state: SessionState): SessionState {
  try {
    localStorage.setItem(STORED_AS, JSON.stringify(state));
  } catch {
    // A browser that keeps nothing asks the server again.
  }
  return state;
}

async function sessionNow(): Promise<SessionState> {
  try {
    return rememberSession({ is: 'in', isTold: true, ...(await ask('GET /session')) });
  } catch (error) {
    if (!(error instanceof RequestError) || error.status !== SIGNED_OUT) throw error;
    return rememberSession({ is: error.code === 'no_account' ? 'new' : 'out' });
  }
}

const sessionQuery = queryOptions({
  queryKey: KEY,
  queryFn: sessionNow,
  initialData: sessionOfLastVisit,
  staleTime: Infinity,
});

/** Ask the server who is signed in. */
export const loadSession = (): Promise<SessionState> =>
  queryClient.fetchQuery({ ...sessionQuery, staleTime: 0 });

/** Who is signed in. */
export const useSession = (): SessionState => useQuery(sessionQuery, queryClient).data;

/** What somebody may do who is signed in; a viewer where nobody is. */
export function useRole(): Role {
  const session = useSession();
  return session.is === 'in' ? session.role : 'viewer';
}

/** Sign in, and ask again for all that is shown. */
export async function signIn(name: string, password: string): Promise<void> {
  const session = await ask('POST /session', { body: { name, password } });
  queryClient.setQueryData(KEY, rememberSession({ is: 'in', isTold: true, ...session }));
  void queryClient.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== KEY[0] });
}

/** Sign out; what was shown of the record is forgotten. */
export async function signOut(): Promise<void> {
  await ask('DELETE /session');
  queryClient.setQueryData(KEY, rememberSession({ is: 'out' }));
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== KEY[0] });
}

/** From now on, when the server no longer knows who asks, it is asked whether there is an account at all. */
export const watchSession = (): void =>
  onSignedOut(() => {
    if (queryClient.getQueryData<SessionState>(KEY)?.is === 'in') void loadSession().catch(() => undefined);
  });
