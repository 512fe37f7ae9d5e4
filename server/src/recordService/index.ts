export * from './redecide.ts';
export * from './recordService.ts';
