export { AccountsPage } from './AccountsPage.tsx';
