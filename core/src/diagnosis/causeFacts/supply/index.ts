export * from './backfeed.ts';
export * from './openNeutral.ts';
export * from './supplyLegLost.ts';
export * from './supplyOutage.ts';
export * from './upstreamOpen.ts';
