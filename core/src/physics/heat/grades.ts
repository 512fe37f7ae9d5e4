/** Grades from mild to grave. */
export const HEAT_GRADES = ['normal', 'watch', 'repair-soon', 'urgent'] as const;
export type HeatGrade = (typeof HEAT_GRADES)[number];
