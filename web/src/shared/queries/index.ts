export * from './queryClient.ts';
export * from './recordQueries.ts';
