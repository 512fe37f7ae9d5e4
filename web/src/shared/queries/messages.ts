export const feedThroughLugs = (panelName: string) => `${panelName}, feed-through lugs`;
