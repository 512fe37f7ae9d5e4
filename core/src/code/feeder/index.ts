export * from './schema.ts';
export { dwellingRating, feeder } from './feeder.ts';
