export * from './pdf.ts';
export { unprintable } from './runs.ts';
