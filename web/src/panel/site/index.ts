export { NewPanelPage } from './NewPanelPage.tsx';
export { SitePage } from './SitePage.tsx';
