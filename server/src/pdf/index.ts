export * from './pdf.ts';
