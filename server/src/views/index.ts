export * from './views.ts';
export * from './legs.ts';
export * from './panelReview.ts';
export * from './planning.ts';
export * from './visits.ts';
export * from './upkeep.ts';
export * from './trends.ts';
export * from './due.ts';
