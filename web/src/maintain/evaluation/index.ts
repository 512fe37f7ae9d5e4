export { ReviewPage } from './ReviewPage.tsx';
