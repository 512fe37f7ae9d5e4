export { Search } from './Search.tsx';
