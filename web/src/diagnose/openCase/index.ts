export { OpenCasePage } from './OpenCasePage.tsx';
