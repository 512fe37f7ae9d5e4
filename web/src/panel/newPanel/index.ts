export { NewPanelPage } from './NewPanelPage.tsx';
