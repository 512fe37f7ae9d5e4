export * from './refusal.ts';
