export { SitePage } from './SitePage.tsx';
