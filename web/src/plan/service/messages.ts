import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const canThisLoadBeAdded = 'Can this load be added?';
export const load = 'Load to add';
export const ratingVa = 'Rating (VA)';
export const method = 'Method';
export const enterTheNameplateRatingInVa = 'Enter the nameplate rating in VA.';
export const yesTheServiceHasCapacity = 'Yes: the service has capacity';
export const yesAtALowerSetting = 'Yes, at a lower setting';
export const onlyWithLoadManagement = 'Only with load management';
export const noTheServiceMustBeUpgraded = 'No: the service must be upgraded';
export const withThisLoadTheCalculatedLoad = (demandAmps: ReactNode, serviceAmps: ReactNode) =>
  rich`With this load the calculated load is ${demandAmps} of ${serviceAmps}.`;
export const setItToAtMostIts = (settingAmps: ReactNode) =>
  rich`Set it to at most ${settingAmps}. Its conductor and breaker must be rated for 125% of that setting.`;
export const aListedEnergyManagementSystem =
  'A listed energy management system keeps the house within the service rating: it pauses the charger while other loads run.';
export const atFullPowerTheServiceWould =
  'At full power the service would exceed 400 A and must be designed by an engineer.';
export const atFullPowerItNeedsA = (growToAmps: number) =>
  `At full power it needs a ${growToAmps} A service: meter base, conductors, main and bus, in coordination with the utility.`;
export const findRoomForItInThe = 'Find room for it in the panel';
export const subpanelFeeders = 'Subpanel feeders';
export const inASubpanelNeutralAndGround =
  'In a subpanel, neutral and ground stay separate: neutrals on their own bar, bonding screw removed.';
export const theFeederSuitsTheLoad = '✓ The feeder suits the load';
export const theBreakerIsTooLargeFor = '✕ The breaker is too large for the feeder';
export const theFeederBreakerIsTooSmall = '! The feeder breaker is too small for the load';
export const theFeederConductorIsTooSmall = '✕ The feeder conductor is too small';
export const from = (panelName: string, breaker: string, ratingAmps: string) =>
  `${panelName}, from ${breaker} (${ratingAmps})`;
export const conductor = 'Conductor';
export const material = 'Material';
export const copper = 'Copper';
export const aluminum = 'Aluminum';
export const loadA = 'Load (A)';
export const length = (lengthUnit: string) => `Length (${lengthUnit})`;
export const equipmentGroundingConductorAt = (sayConductor: string, sayConductor2: string) =>
  `Equipment grounding conductor: at least ${sayConductor} or ${sayConductor2} (NEC Table 250.122).`;
export const voltageDrop = (toFixed: string) => `Voltage drop: ${toFixed}%.`;
export const calculatedLoadByFourMethods = 'Calculated load by four methods';
export const spareOutOf = 'spare out of';
export const shortOf = 'short of';
export const loadByMethod = 'Load by method';
export const calculatedVa = 'Calculated VA';
export const calculatedLoad = 'Calculated load';
export const spareCapacityOf = (serviceAmps: string) => `Spare capacity of ${serviceAmps}`;
export const short = '✕ short';
export const minimumService = 'Minimum service';
export const over400A = 'over 400 A';
export const panel = 'Panel';
export const serviceLoad = 'Service load';
export const correctTheFieldsBelowThe =
  'Correct the fields below. The figures shown are from before the error.';
export const enterTheFloorAreaOrThe =
  'Enter the floor area, or the highest 15-minute demand from a recording. This page then shows the calculated load and what can be added.';
export const loadsInThisHouse = 'Loads in this house';
export const asSavedOn = (at: string) => `As saved on ${at}.`;
export const filledInFromThisSiteS = 'Filled in from this site’s circuits and readings. Check each line.';
export const saved = 'Saved';
export const saveTheseFigures = 'Save these figures';
export const theServiceIsRated = (amps: ReactNode, largerCount: ReactNode) =>
  rich`The service is rated ${amps}${largerCount}`;
export const theTheSmallest = (toLowerCase: ReactNode, part: string, join: string) =>
  rich`: the ${toLowerCase} ${part} the smallest (${join}).`;
export const limitedByItsMain = ', limited by its main.';
export const notKnown = 'Not known';
export const kcmil = (gauge: string) => `${gauge} kcmil`;
export const awg = (gauge: string) => `${gauge} AWG`;
export const serviceEquipment = 'Service equipment';
export const leaveUnknownValuesEmptyThe = 'Leave unknown values empty. The smallest rating sets the limit.';
export const panelBus = 'Panel bus';
export const meterBase = 'Meter base';
export const conductors = 'Conductors';
export const house = 'House';
export const generalLightingAndOutletsAre =
  'General lighting and outlets are calculated from the floor area, not from what is plugged in.';
export const floorAreaOutsideDimensions = 'Floor area, outside dimensions';
export const kitchenSmallApplianceCircuits = 'Kitchen small-appliance circuits';
export const laundryCircuits = 'Laundry circuits';
export const highest15MinuteDemand = 'Highest 15-minute demand';
export const onTheMoreHeavilyLoadedLeg = 'On the more heavily loaded leg, from a recording';
export const fixedAppliances = 'Fixed appliances';
export const waterHeaterDishwasherDisposal =
  'Water heater, dishwasher, disposal, pumps. Not cooking, dryer, heating, cooling or vehicles.';
export const appliance = (i: number) => `Appliance ${i}`;
export const giveItAUniqueName = 'Give it a unique name.';
export const rating = 'Rating';
export const remove = (name: string) => `Remove ${name}`;
export const applianceInline = (i: number) => `appliance ${i}`;
export const removeLabel = 'Remove';
export const addAnAppliance = 'Add an appliance';
export const cookingLaundryHeatingCooling = 'Cooking, laundry, heating, cooling, vehicles';
export const electricHeating = 'Electric heating';
export const separateHeatingControls = 'Separate heating controls';
export const heatPump = 'Heat pump';
export const largestMotor = 'Largest motor';
export const vehicleChargersEach = 'Vehicle chargers, each';
export const separateSeveralWithCommas = 'Separate several with commas';
export const heatingOrCoolingIsNew = 'Heating or cooling is new';
