export { HandOverPage } from './HandOverPage.tsx';
