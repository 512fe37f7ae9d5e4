export const atThisLoad = 'at this load';
export const atTheBreakerRating = 'at the breaker rating';
export const thereIsNoVoltageWithNo =
  'There is no voltage with no load, so nothing can be said about the supply.';
export const theSupplyVoltageDropsUnderThis = (percent: string) =>
  `The supply voltage drops ${percent}% under this load, which is normal.`;
export const theSupplyItselfDropsUnderThis = (percent: string) =>
  `The supply itself drops ${percent}% under this load. Check the main, the service and the utility before this run.`;
export const theConductorIsNotKnownSo =
  'The conductor is not known, so the whole voltage drop is assigned to the connections.';
export const atLeastMMoreThanThe = (
  lowOhms: string,
  sureWatts: string,
  at: string,
  warmWatts: number,
  hotWatts: number,
  glowWatts: number,
) =>
  `At least ${lowOhms} mΩ more than the conductor explains: ${sureWatts} W in a connection ${at}. Phylaxon’s own limits: warm ${warmWatts} W, hot ${hotWatts} W, glowing ${glowWatts} W.`;
export const theVoltageDropBeyondThe =
  'The voltage drop beyond the conductor is within the meter error. Repeat with a larger load.';
export const atMostMBeyondTheConductor = (highOhms: string) =>
  `At most ${highOhms} mΩ beyond the conductor, too little to heat a connection.`;
export const mustBeANumber = (what: string) => `${what} must be a number.`;
export const mustBeFrom0To300 = (what: string) => `${what} must be from 0 to 300 V.`;
export const theConductorTemperatureMustBeA = 'The conductor temperature must be a number.';
export const theConductorTemperatureMustBe = 'The conductor temperature must be from −40 to 250 °C.';
export const theNumberOfWiresMustBe = 'The number of wires must be a whole number.';
export const atLeastOneWireCarriesThe = 'At least one wire carries the current.';
export const enterAtMostFourWires = 'Enter at most four wires.';
export const theNoLoadVoltage = 'The no-load voltage';
export const theVoltageUnderLoad = 'The voltage under load';
export const theVoltageUnderLoadCannotBe = (mostrisevolts: number) =>
  `The voltage under load cannot be more than ${mostrisevolts} V above the no-load voltage.`;
export const theLoadMustDrawCurrent = 'The load must draw current.';
export const theMeterErrorMustBeA = 'The meter error must be a number.';
export const theMeterErrorMustBeFrom = 'The meter error must be from 0 to 20 V.';
export const enterAtLeastOnePoint = 'Enter at least one point.';
export const enterAtMost12PointsAt = 'Enter at most 12 points at a time.';
