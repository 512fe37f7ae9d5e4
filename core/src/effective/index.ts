export * from './schema.ts';
export * from './effectiveRating.ts';
