export { CasePage } from './CasePage.tsx';
export { OpenCasePage } from './OpenCasePage.tsx';
export { HandOverPage } from './HandOverPage.tsx';
