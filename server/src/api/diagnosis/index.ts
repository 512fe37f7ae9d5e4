export { caseRoutes } from './caseRoutes.ts';
export { handOverRoutes } from './handOverRoutes.ts';
export { outcomeRoutes } from './outcomeRoutes.ts';
export { reviewRoutes } from './reviewRoutes.ts';
