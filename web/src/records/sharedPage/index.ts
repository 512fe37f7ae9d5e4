export { SharedPage } from './SharedPage.tsx';
