export { TwoWiresPage } from './TwoWiresPage.tsx';
