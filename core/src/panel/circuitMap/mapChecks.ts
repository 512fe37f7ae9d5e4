/** How much a wrong look may spoil: anything; it is noticed; it is put right. */
export const MAP_CHECKS = ['none', 'detect', 'correct'] as const;
export type MapCheck = (typeof MAP_CHECKS)[number];
