export const feedThroughLugs = 'feed-through lugs';
export const thisVisit = 'This visit';
