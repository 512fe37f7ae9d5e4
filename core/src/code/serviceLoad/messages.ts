export const vaFtForPlusForEach = (
  vaPerFt2: number,
  floorAreaFt2: string,
  circuitVa: string,
  smallApplianceCircuits: number,
) =>
  `${vaPerFt2} VA/ft² for ${floorAreaFt2}, plus ${circuitVa} for each of ${smallApplianceCircuits} kitchen and laundry circuits`;
export const eachVehicleAtItsRatingAt = (vehicleLeastVa: string) =>
  `Each vehicle at its rating, at least ${vehicleLeastVa}`;
export const newLoadsInFullThoseThat = 'New loads in full, those that run three hours or more at 125%';
export const heatingTheLargerOfHeatingAnd = 'Heating, the larger of heating and cooling';
export const coolingTheLargerOfHeatingAnd = 'Cooling, the larger of heating and cooling';
export const theFirst3000VaIn = (question: string) =>
  `${question}; the first 3,000 VA in full, 35% of the next portion, 25% above 120,000 VA`;
export const fixedAppliancesIfFourOrMore =
  'Fixed appliances; if four or more are rated 500 VA or higher, those at 75%';
export const oneHouseholdRangeByTheDemand = 'One household range, by the demand table';
export const oneDryerAtItsRatingAt = (dryerLeastVa: string) =>
  `One dryer at its rating, at least ${dryerLeastVa}`;
export const extraForTheLargestMotor = '25% extra for the largest motor';
export const ofTheTotalTheFirstCount = (firstVa: string) =>
  `of the total, the first ${firstVa} count in full and the rest at 40%`;
export const fixedAppliances = (share: string) => `Fixed appliances, ${share}`;
export const rangeAtItsRating = (share: string) => `Range at its rating, ${share}`;
export const dryerAtItsRating = (share: string) => `Dryer at its rating, ${share}`;
export const heatPumpInFullAndOf = (central: number) =>
  `Heat pump in full and ${central}% of the supplemental electric heat`;
export const ofElectricHeating = (share: number) => `${share}% of electric heating`;
export const newSoItCountsInFull = (hvacText: string) => `${hvacText}; new, so it counts in full`;
export const highest15MinuteDemandAt125 = (peakAmps: string) =>
  `Highest 15-minute demand, ${peakAmps}, at 125%`;
export const mustBeANumber = (what: string) => `${what} must be a number.`;
export const mustBeFrom0ToVa = (what: string, mostva: number) => `${what} must be from 0 to ${mostva} VA.`;
export const theNumberOfCircuitsMustBe = (what: string) =>
  `The number of ${what} circuits must be a whole number.`;
export const theNumberOfCircuitsMustBeFrom = (what: string) =>
  `The number of ${what} circuits must be from 0 to 100.`;
export const enterAtMost200AtA = 'Enter at most 200 at a time.';
export const theFloorAreaMustBeA = 'The floor area must be a number.';
export const theFloorAreaMustBeFrom = 'The floor area must be from 0 to 1,000,000 ft².';
export const theRangeMustBeANumber = 'The range must be a number.';
export const aHouseholdRangeMustBeFrom = 'A household range must be from 1.75 to 27 kW.';
export const electricHeating = 'Electric heating';
export const theNumberOfSeparateControls = 'The number of separate controls must be a whole number.';
export const enterAtLeastOneControl = 'Enter at least one control.';
export const heatPump = 'Heat pump';
export const enterYesOrNoForNew = 'Enter yes or no for new heating or cooling.';
export const enterAtMost50Vehicles = 'Enter at most 50 vehicles.';
export const largestMotor = 'Largest motor';
export const enterYesOrNoForA = 'Enter yes or no for a load that runs three hours or more.';
export const theMeasuredMethodNeedsThe = 'The measured method needs the highest 15-minute demand.';
export const enterTheFloorArea = 'Enter the floor area.';
export const theCalculatedLoadIsTheService = (demandAmps: string, serviceAmps: string) =>
  `The calculated load is ${demandAmps}. The service is ${serviceAmps}.`;
export const theCalculatedLoadIsMoreThan = (demandAmps: string, serviceAmps: string) =>
  `The calculated load is ${demandAmps}, more than the ${serviceAmps} service.`;
export const noStandardRatingUpTo400 =
  'No standard rating up to 400 A is enough. An engineer must size this service.';
export const theMinimumServiceIs = (minServiceAmps: string) => `The minimum service is ${minServiceAmps}.`;
export const aVehicleCountsAtItsRating =
  'A vehicle counts at its rating here. The breaker and conductor that feed it are sized at 125% of it (NEC 625.41).';
export const nec22083AllowsVehiclesAnd =
  'NEC 220.83 allows vehicles and new loads in the 40% sum. Phylaxon counts them in full, to be conservative.';
export const loadsThatRunThreeHoursOr =
  'Loads that run three hours or more count at 125%, which is the conservative practice.';
export const newHeatingOrCoolingCountsIn = 'New heating or cooling counts in full, outside the 40% sum.';
export const theReadingMustCoverOneYear =
  'The reading must cover one year, or 30 days plus the seasonal loads. The 30-day method does not apply to a house where solar, wind or storage reduces the peak.';
