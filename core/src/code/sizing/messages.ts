export const theBreakerExceedsWhatIts = (breakerAmps: string, maxBreakerAmps: string) =>
  `The ${breakerAmps} breaker exceeds what its conductor allows. The largest breaker allowed here is ${maxBreakerAmps}.`;
export const noStandardBreakerIsSmallEnough =
  'No standard breaker is small enough for this conductor here. Leave the circuit off.';
export const atAmbientThisInsulationMayNot = (ambientC: string) =>
  `At ${ambientC} ambient, this insulation may not carry any current.`;
export const theCalculatedLoadIsTheBreaker = (demandAmps: string, breakerAmps: string) =>
  `The calculated load is ${demandAmps}. The breaker is ${breakerAmps}.`;
export const aLargerBreakerIsAllowedOnly =
  'A larger breaker is allowed only if every part of the run uses this conductor. An electrician must check that first.';
export const theCalculatedLoadIsMoreThan = (demandAmps: string, maxBreakerAmps: string) =>
  `The calculated load is ${demandAmps}, more than the largest breaker this conductor allows (${maxBreakerAmps}).`;
export const theConductorAmpacityIsHereBy = (
  ampacity: string,
  columnAmps: string,
  loadAmps: string,
  demandAmps: string,
) =>
  `The conductor ampacity is ${ampacity} here (${columnAmps} by its lowest column). The connected load is ${loadAmps}, the calculated load ${demandAmps}.`;
export const eachLoadFitsThisConductorBy =
  'Each load fits this conductor by itself. Split the loads onto two circuits.';
export const theLoadNeedsALargerConductor = 'The load needs a larger conductor.';
export const theCalculatedLoadIsTheBreakerIs = (
  demandAmps: string,
  breakerAmps: string,
  maxBreakerAmps: string,
) =>
  `The calculated load is ${demandAmps}. The breaker is ${breakerAmps} and the largest allowed is ${maxBreakerAmps}.`;
export const theNameplateRequiresACircuit = (minCircuitAmps: string, maxBreakerAmps: string) =>
  `The nameplate requires a circuit ampacity of ${minCircuitAmps} and allows a breaker of up to ${maxBreakerAmps}.`;
export const theConductorAmpacityIsAs = (ampacity: string, maxBreakerAmps: string) =>
  `The conductor ampacity is ${ampacity} as installed. The largest breaker allowed is ${maxBreakerAmps}.`;
export const theInsulationMustBe6075 = 'The insulation must be 60, 75 or 90 °C.';
export const theTerminalMustBeMarked60 = 'The terminal must be marked 60 or 75 °C.';
export const theIdMustNotBeEmpty = 'The id must not be empty.';
export const theNumberOfCurrentCarrying = 'The number of current-carrying conductors must be a whole number.';
export const enterAtLeastOneCurrentCarrying = 'Enter at least one current-carrying conductor.';
export const enterAtMost200CurrentCarrying = 'Enter at most 200 current-carrying conductors.';
export const enterAtLeastOneLoad = 'Enter at least one load.';
export const enterAtMost200LoadsAt = 'Enter at most 200 loads at a time.';
export const aNameplateAppliesOnlyToOne =
  'A nameplate applies only to one fixed appliance that is the circuit’s only load.';
