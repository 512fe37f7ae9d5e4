export * from './schema.ts';
export * from './soakPlan.ts';
