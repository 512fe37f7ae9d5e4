export * from './runStudy.ts';
export * from './report.ts';
