export * from './schema.ts';
export * from './panelReview.ts';
export * from './findings.ts';
export * from './season.ts';
export * from './signsOf.ts';
export * from './gatherFindings.ts';
