import { later } from '../../shared/ui/index.ts';

export const SearchBox = later(async () => (await import('./SearchBox.tsx')).default);
