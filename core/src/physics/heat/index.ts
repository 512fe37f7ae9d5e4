export * from './schema.ts';
export * from './heatSurvey.ts';
