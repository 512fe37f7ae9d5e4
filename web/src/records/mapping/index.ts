export { HouseMapPage } from './HouseMapPage.tsx';
