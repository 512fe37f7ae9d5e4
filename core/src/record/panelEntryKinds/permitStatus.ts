/** Whether the authority having jurisdiction wants a permit for a visit. */
export const PERMIT_NEEDS = ['needed', 'not-needed', 'unknown'] as const;
export type PermitNeed = (typeof PERMIT_NEEDS)[number];

/** How the inspection by the authority stands. */
export const PERMIT_INSPECTIONS = ['not-booked', 'booked', 'passed', 'failed'] as const;
export type PermitInspection = (typeof PERMIT_INSPECTIONS)[number];
