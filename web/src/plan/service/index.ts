export { ServicePage } from './ServicePage.tsx';
