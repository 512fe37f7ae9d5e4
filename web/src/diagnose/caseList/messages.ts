export const opened = (openedAt: string) => `Opened ${openedAt}`;
export const closed = (toLowerCase: string) => `Closed: ${toLowerCase}`;
export const findings = (found: number) => ` · ${found} ${found === 1 ? 'finding' : 'findings'}`;
export const cases = 'Cases';
export const showOnlyTheNewest = 'Show only the newest';
export const showAll = (casesCount: number) => `Show all ${casesCount}`;
export const howCasesTurnedOut = 'How cases turned out';
