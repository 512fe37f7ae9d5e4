/** Panels of more spaces than this are planned by hand. */
export const MOST_PLANNED_SPACES = 42;
