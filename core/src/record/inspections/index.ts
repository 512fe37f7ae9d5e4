import { conductorMarking } from './conductorMarking.ts';

export * from './conductorMarking.ts';
export * from './inspectionKind.ts';

/** Everything that is inspected at a breaker, by the name it is stored under. */
export const INSPECTIONS = { 'conductor-marking': conductorMarking };
