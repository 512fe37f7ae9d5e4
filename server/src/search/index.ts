export { searchSite } from './searchSite.ts';
