export * from './schema.ts';
export * from './isolationPlan.ts';
