export { OutcomesPage } from './OutcomesPage.tsx';
