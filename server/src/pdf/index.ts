export * from './pdf.ts';
export * from './printStyle.ts';
export { unprintable } from './runs.ts';
