export * from './caseWords.ts';
export * from './confirmedWords.ts';
export { CaseList } from './CaseList.tsx';
export { SiteCases } from './SiteCases.tsx';
