export * from './schema.ts';
export * from './words.ts';
export * from './panelReviewView.ts';
