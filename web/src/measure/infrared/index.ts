export { HeatPicturesPage } from './HeatPicturesPage.tsx';
