export * from './workCase.ts';
export * from './runStudy.ts';
export * from './runPairs.ts';
export * from './fitTables.ts';
export * from './calibrate.ts';
export * from './report.ts';
