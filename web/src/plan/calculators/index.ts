export { CalculatorsPage } from './CalculatorsPage.tsx';
