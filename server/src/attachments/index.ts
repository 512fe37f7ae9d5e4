export * from './attachments.ts';
