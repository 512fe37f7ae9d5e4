export * from './caseWords.ts';
export * from './confirmedWords.ts';
export { caseName, CaseList } from './CaseList.tsx';
export { SiteCases } from './SiteCases.tsx';
