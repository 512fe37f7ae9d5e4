export const panel = 'Panel';
export const inspection = 'Inspection';
export const oneWalkNoComplaint =
  'A walk-through with no complaint: outside, the closed panel, the outlets, then inside.';
export const findingsByBreaker = 'Inspection findings';
export const found = 'Finding';
export const purpose = 'Purpose';
export const whyAreYouInspecting = 'Why are you inspecting this panel?';
export const pastInspections = 'Past inspections';
export const stations = 'Stations';
export const done = 'done';
export const saved = 'Saved';
export const saveAndContinue = 'Save and continue';
export const theInsideIsInspectedDeEnergized =
  'A qualified electrician inspects the inside on a visit, with the panel de-energized, locked out and verified dead.';
export const planTheVisit = 'Plan the visit';
export const notLookedAtHeading = 'Not inspected:';
export const findings = 'Findings';
export const nothingNeedsAttention = 'Nothing on record needs attention';
export const findingsCount = (count: number) => (count === 1 ? '1 finding' : `${count} findings`);
export const seeTheReport = 'See the report';
export const planTheRepairs = 'Plan the repairs';
export const seeTheMain = 'See the decision for the main.';
export const stopTheInspection = 'Stop the inspection: leave this panel alone';
export const startAnotherInspection = 'Start another inspection';
export const protectionNewWorkNeeds = (count: number, edition: string) =>
  `Protection that new work would need (NEC ${edition}): ${count === 1 ? '1 circuit' : `${count} circuits`}`;
export const olderWorkMayKeep =
  'Judged by the circuit names. Work that met the code when it was built may usually remain. Once a circuit is extended, moved or modified, or a receptacle is replaced, current requirements apply (NEC 406.4(D)). Ask the inspector.';
export const wouldNeed = (circuit: string, asks: string, has: string, serves: string) =>
  `${circuit} (${serves}): new work needs ${asks}; this breaker is ${has}.`;
