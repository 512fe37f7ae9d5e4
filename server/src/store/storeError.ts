import * as messages from './messages.ts';

/** Why the record cannot be read or written just now. */
export type StoreTrouble = 'full' | 'busy' | 'read-only' | 'damaged' | 'unavailable';

const MESSAGES: Record<StoreTrouble, string> = {
  full: messages.theDiskIsFullNothingWas,
  busy: messages.anotherProgramHasLockedThe,
  'read-only': messages.theDatabaseIsReadOnlyHere,
  damaged: messages.theDatabaseIsDamagedNothingWas,
  unavailable: messages.theDatabaseIsNotAvailable,
};

/** By the beginning of SQLite’s result code, or of the system’s; the first that fits counts. */
const TROUBLES: [code: string, trouble: StoreTrouble][] = [
  ['SQLITE_FULL', 'full'],
  ['SQLITE_BUSY', 'busy'],
  ['SQLITE_LOCKED', 'busy'],
  ['SQLITE_READONLY', 'read-only'],
  ['SQLITE_PERM', 'read-only'],
  ['SQLITE_CORRUPT', 'damaged'],
  ['SQLITE_NOTADB', 'damaged'],
  ['SQLITE_IOERR_CORRUPTFS', 'damaged'],
  ['SQLITE_IOERR', 'unavailable'],
  ['SQLITE_CANTOPEN', 'unavailable'],
  ['SQLITE_NOMEM', 'unavailable'],
  ['SQLITE_PROTOCOL', 'unavailable'],
  ['SQLITE_INTERNAL', 'unavailable'],
  ['ENOSPC', 'full'],
  ['EDQUOT', 'full'],
  ['EFBIG', 'full'],
  ['EROFS', 'read-only'],
  ['EIO', 'unavailable'],
];

/** The store failed, not the request. What was asked for was not done, and can be asked for again. */
export class StoreError extends Error {
  constructor(
    readonly trouble: StoreTrouble,
    cause: unknown,
  ) {
    super(MESSAGES[trouble], { cause });
  }

  /** Whether the connection itself is to be trusted no more. */
  get isDoubtful(): boolean {
    return this.trouble !== 'full' && this.trouble !== 'busy';
  }
}

/** SQLite’s own word for what went wrong, or the system’s, however often it was wrapped. */
function codeOf(error: unknown): string | null {
  for (let e = error; e instanceof Error; e = (e as { driverError?: unknown }).driverError ?? e.cause) {
    const code = (e as { code?: unknown }).code;
    if (typeof code === 'string' && /^(SQLITE_|E[A-Z]+$)/.test(code)) return code;
    if (/ConnectionFailed|unable to open/i.test(e.message)) return 'SQLITE_CANTOPEN';
  }
  return null;
}

/** The trouble behind an error; null if it is no trouble of the store. */
export function storeErrorOf(error: unknown): StoreError | null {
  if (error instanceof StoreError) return error;
  const code = codeOf(error);
  const trouble = code === null ? undefined : TROUBLES.find(([start]) => code.startsWith(start))?.[1];
  return trouble ? new StoreError(trouble, error) : null;
}
