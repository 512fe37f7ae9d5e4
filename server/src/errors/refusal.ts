import * as messages from './messages.ts';

export type RefusalKind = 'invalid' | 'missing' | 'conflict' | 'too-large' | 'forbidden';

export interface Issue {
  path: string;
  message: string;
}

/** Why what was asked for is not done, whichever way it was asked; `http` gives it a status. */
export class Refusal extends Error {
  constructor(
    readonly kind: RefusalKind,
    readonly code: string,
    message: string,
    readonly issues?: Issue[],
  ) {
    super(message);
  }
}

export const invalid = (message: string, issues: Issue[]) =>
  new Refusal('invalid', 'invalid_input', message, issues);

/** Bad input at one field. */
export const invalidField = (path: string, message: string) => invalid(message, [{ path, message }]);

export const notFound = (what: string) => new Refusal('missing', 'not_found', messages.doesNotExist(what));

/** What is on record stands against it. */
export const conflict = (code: string, message: string, issues?: Issue[]) =>
  new Refusal('conflict', code, message, issues);

/** Whoever asks may not do it. */
export const forbidden = (message: string) => new Refusal('forbidden', 'not_for_this_profile', message);
