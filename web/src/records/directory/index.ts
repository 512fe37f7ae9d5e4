export { DirectoryPage } from './DirectoryPage.tsx';
