export { SearchBox } from './SearchBox.tsx';
