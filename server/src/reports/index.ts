export * from './panelReviewPdf.ts';
export * from './pictures.ts';
