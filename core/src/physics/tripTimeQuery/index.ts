export * from './parseTripTimeQuery.ts';
export * from './answerTripTime.ts';
