export const steamPress = 'steam press';
export const tripsLastWinter = 'trips last winter';
export const fromUntilBefore = (from: string, to: string) => `from ${from} until before ${to}`;
export const since = (from: string) => `since ${from}`;
export const before = (to: string) => `before ${to}`;
export const withLabel = (join: string) => `with “${join}”`;
export const search = 'Search';
export const searchThisSite = 'Search this site';
export const searchingFor = (wanted: string) => `Searching for ${wanted}.`;
export const noResultsTryFewerWords = 'No results. Try fewer words.';
export const breakersFound = 'Breakers found';
export const entriesFound = 'Entries found';
export const moreResultsExistNarrowThe =
  'More results exist. Narrow the search with an entry type or a time.';
