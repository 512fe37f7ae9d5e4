/** Grades from mild to grave. */
export const HEAT_GRADES = ['normal', 'watch', 'repair-soon', 'urgent'] as const;
export type HeatGrade = (typeof HEAT_GRADES)[number];

/** The place of a grade among the outcomes of a test of temperature. */
export const BAND_OF_GRADE = { normal: 0, watch: 1, 'repair-soon': 1, urgent: 2 } as const satisfies Record<
  HeatGrade,
  0 | 1 | 2
>;
