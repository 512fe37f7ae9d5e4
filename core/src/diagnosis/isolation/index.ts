export * from './schema.ts';
export * from './isolationPlan.ts';
export * from './candidates.ts';
export * from './narrow.ts';
