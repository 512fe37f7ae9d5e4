export { JointsPage } from './JointsPage.tsx';
export { LegsPage } from './LegsPage.tsx';
