export { SourcesPage } from './SourcesPage.tsx';
