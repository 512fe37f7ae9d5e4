export { BreakerPage, PanelPage, SetUpPage, SpacePage } from './panelPages.tsx';
