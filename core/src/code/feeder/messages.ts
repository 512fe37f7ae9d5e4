export const theBreakerExceedsWhatThis = (breakerAmps: string, largest: string) =>
  `The ${breakerAmps} breaker exceeds what this feeder allows. The largest breaker allowed is ${largest}.`;
export const noStandardBreakerIsSmallEnough =
  'No standard breaker is small enough for this conductor here. Leave the feeder off.';
export const aLoadOfExceedsTheLargest = (demandAmps: string, largestamps: string) =>
  `A load of ${demandAmps} exceeds the largest standard breaker, ${largestamps}.`;
export const theLoadIsHasAnAmpacity = (
  demandAmps: string,
  conductor: string,
  carries: string,
  largest: string,
) =>
  `The load is ${demandAmps}. ${conductor} has an ampacity of ${carries} here and allows a breaker of at most ${largest}.`;
export const theLoadIsTheBreakerIs = (demandAmps: string, breakerAmps: string) =>
  `The load is ${demandAmps}. The breaker is ${breakerAmps}.`;
export const aLargerBreakerIsAllowedOnly =
  'A larger breaker is allowed only if the whole run uses this conductor and both ends are rated for it. An electrician must check that first.';
export const theLoadIsTheBreakerIsAnd = (demandAmps: string, breakerAmps: string, largest: string) =>
  `The load is ${demandAmps}. The breaker is ${breakerAmps} and the largest allowed is ${largest}.`;
export const hasAnAmpacityOfAsInstalled = (conductor: string, carries: string) =>
  `${conductor} has an ampacity of ${carries} as installed.`;
export const theFeederCarriesTheEntireLoad = (share: string, asDwelling: string, asDwelling2: string) =>
  `The feeder carries the entire load of a dwelling, so ${share}, 83% of ${asDwelling}, is enough for a rating of ${asDwelling2}.`;
export const theEquipmentItFeedsIsRated = (mainLugsAmps: string) =>
  `The equipment it feeds is rated ${mainLugsAmps}.`;
export const atTheVoltageDropIsAbove = (demandAmps: string, dropPercent: string, poordroppercent: number) =>
  `At ${demandAmps} the voltage drop is ${dropPercent}, above the recommended ${poordroppercent}%. Use a larger conductor.`;
export const theVoltageMustBeANumber = 'The voltage must be a number.';
export const theVoltageMustBeFrom100 = 'The voltage must be from 100 to 600 V.';
export const theKindMustBeFeederOr = 'The kind must be feeder or whole-dwelling.';
export const theInsulationMustBe6075 = 'The insulation must be 60, 75 or 90 °C.';
