export * from './queryClient.ts';
export * from './recordQueries.ts';
export * from './recordQuery.ts';
