export * from './panelSigns.ts';
export * from './schema.ts';
export * from './panelReview.ts';
