export * from './browser.ts';
export * from './looks.ts';
export * from './site.ts';
export * from './cases.ts';
export * from './test.ts';
export * from './visits.ts';
export * from './ownServer.ts';
export { expectNoViolation, expectSound } from './sound.ts';
