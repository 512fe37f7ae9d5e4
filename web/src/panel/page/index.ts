export { PanelPage } from './PanelPage.tsx';
