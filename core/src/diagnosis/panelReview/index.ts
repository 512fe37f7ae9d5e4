export * from './schema.ts';
export * from './panelReview.ts';
