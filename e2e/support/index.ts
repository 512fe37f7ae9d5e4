export * from './browser.ts';
export * from './site.ts';
export * from './cases.ts';
