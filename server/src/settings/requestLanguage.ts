import { AsyncLocalStorage } from 'node:async_hooks';

const languages = new AsyncLocalStorage<string | undefined>();

/**
 * Answer a request in the conventions of its browser’s language, as far as nobody has chosen others.
 *
 * @param accepted the `Accept-Language` header
 * @param answer runs with it
 */
export const inLanguage = <T>(accepted: string | undefined, answer: () => T): T =>
  languages.run(accepted?.split(',')[0]?.split(';')[0]?.trim(), answer);

/** The first language the browser of this request asks for. */
export const requestLanguage = (): string | undefined => languages.getStore();
