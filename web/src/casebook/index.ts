export * from './caseWords.ts';
export * from './confirmedWords.ts';
export { CaseList } from './CaseList.tsx';
export { useOpenCases } from './useOpenCases.ts';
export { SiteCases } from './SiteCases.tsx';
