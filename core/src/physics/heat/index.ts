export * from './grades.ts';
export * from './schema.ts';
export * from './heatSurvey.ts';
