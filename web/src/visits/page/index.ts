export { VisitPage } from './VisitPage.tsx';
export { VisitsPage } from './VisitsPage.tsx';
