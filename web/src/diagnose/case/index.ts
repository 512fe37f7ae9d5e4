export { CasePage } from './CasePage.tsx';
