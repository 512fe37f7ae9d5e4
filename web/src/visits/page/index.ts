export { VisitPage } from './VisitPage.tsx';
