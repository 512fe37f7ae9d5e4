import type { Profile } from '@phylaxon/core/facts/vocabulary';
import * as messages from './messages.ts';

interface Issue {
  path: string;
  message: string;
}

/** What went wrong with a request, in words for the person; `issues` tell it by field. */
export class RequestError extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly issues: Issue[] = [],
    /** What the server calls it. */
    readonly code: string | null = null,
  ) {
    super(message);
  }
}

/** No answer at all: the server is gone. */
export const NO_SERVER = 0;

/** Given up by the person. */
export const GIVEN_UP = -1;

/** Nobody is signed in, or not any more. */
export const SIGNED_OUT = 401;

/** The server cannot be reached, cannot store anything just now, or waits for somebody to sign in: the same can be sent again as it is. */
export const isNotNow = (error: unknown) =>
  error instanceof RequestError && [NO_SERVER, SIGNED_OUT, 503, 507].includes(error.status);

let tellSignedOut: () => void = () => undefined;

/**
 * Have somebody told when the server no longer knows who asks.
 *
 * @param tell called then
 */
export const onSignedOut = (tell: () => void): void => void (tellSignedOut = tell);

export const isServerGone = (error: unknown) => error instanceof RequestError && error.status === NO_SERVER;

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
const BASE = '/api/v1';

async function answerTo<T>(
  path: string,
  init: RequestInit,
  isEnough: (answer: Response) => boolean = () => false,
): Promise<T> {
  let answer: Response;
  try {
    answer = await fetch(BASE + path, init);
  } catch {
    if (init.signal?.aborted) throw new RequestError(messages.canceledNothingWasSaved, GIVEN_UP);
    throw new RequestError(messages.theServerIsNotAnsweringNothing, NO_SERVER);
  }
  if (isEnough(answer)) return undefined as T;
  const content = (await answer.json().catch(() => null)) as {
    error?: { code?: string; message: string; issues?: Issue[] };
  } | null;
  if (answer.ok && content !== null) return content as T;
  if (answer.status === SIGNED_OUT && path !== '/session') tellSignedOut();
  throw new RequestError(
    content?.error?.message ?? messages.theServerSentAnAnswerThat,
    answer.status,
    content?.error?.issues,
    content?.error?.code,
  );
}

/**
 * Ask whether the server makes a file; opened as it is, what it says instead would be shown raw.
 *
 * @param address of the file, as a link has it
 * @throws RequestError with the server's own words
 */
export async function checkFile(address: string): Promise<void> {
  await answerTo(address.slice(BASE.length), {}, ({ ok }) => ok);
}

/**
 * Ask the server.
 *
 * @throws RequestError with the server's own words, or that it does not answer
 */
export function request<T>(method: Method, path: string, body?: unknown, by: RequestedBy = {}): Promise<T> {
  return answerTo<T>(path, {
    method,
    headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...whoAsks(by) },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
}

/** Who asks, which the server keeps with what was done, and what they call the change. */
export interface RequestedBy {
  profile?: Profile;
  change?: string;
}
const whoAsks = ({ profile, change }: RequestedBy): Record<string, string> => ({
  'Phylaxon-Clock': new Date().toISOString(),
  ...(profile !== undefined && { 'Phylaxon-Profile': profile }),
  ...(change !== undefined && { 'Phylaxon-Change': change }),
});

/** Send a file as it is. */
export const sendFile = <T>(
  path: string,
  file: Blob,
  type: string,
  { signal, ...by }: { signal?: AbortSignal } & RequestedBy = {},
): Promise<T> =>
  answerTo<T>(path, {
    method: 'POST',
    headers: { 'Content-Type': type, ...whoAsks(by) },
    body: file,
    signal,
  });

/** A file that the server keeps. */
export async function fetchFile(path: string): Promise<Blob> {
  const answer = await fetch(BASE + path).catch(() => null);
  if (!answer) throw new RequestError(messages.theServerIsNotAnsweringTry, NO_SERVER);
  if (!answer.ok) throw new RequestError(messages.thisFileNoLongerExists, answer.status);
  return answer.blob();
}

/** The address of a file that the server gives. */
export const fileAddress = (path: string) => BASE + path;

/** Parameters behind a question mark; what is empty is left out. */
export function query(parameters: Record<string, string | undefined>): string {
  const used = Object.entries(parameters).filter((entry): entry is [string, string] => Boolean(entry[1]));
  return used.length === 0 ? '' : `?${new URLSearchParams(used).toString()}`;
}
