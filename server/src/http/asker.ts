import type { Account } from '@phylaxon/core/record/accounts';

/** Somebody who is signed in, and asks. */
export interface Asker extends Account {
  /** The session, by the hash of its token. */
  sessionHash: string;
}
