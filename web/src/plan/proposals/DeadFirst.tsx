import * as messages from './messages.ts';

/** The caution of every plan that is carried out with the cover off. */
export const DeadFirst = () => <p className="mt-3 text-sm text-ink-soft">{messages.allOfThisIsWorkFor}</p>;
