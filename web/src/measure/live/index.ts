export { LivePage } from './LivePage.tsx';
