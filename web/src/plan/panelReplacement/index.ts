export { PanelReplacementPage } from './PanelReplacementPage.tsx';
