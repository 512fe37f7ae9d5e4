export const yourOwnListRequiresProtection = (asks: string) =>
  `Your own list requires ${asks} protection here.`;
export const isNotInPhylaxonSList = (id: string) =>
  `“${id}” is not in Phylaxon’s list. Look it up in the code, or ask the inspector.`;
export const protectionNec = (id: string, asks: string, edition: string, clause: string) =>
  `${id}: ${asks} protection, NEC ${edition}, ${clause}.`;
export const anInstallationThatMetTheCode =
  'An installation that met the code when it was built may usually remain. Once it is extended, moved or modified, current requirements apply as for new work.';
export const necDoesNotRequireThis = (edition: string) =>
  `NEC ${edition} does not require this protection for this circuit.`;
export const phylaxonCoversThe20172020And =
  'Phylaxon covers the 2017, 2020 and 2023 editions of the NEC (checked Nov 30, 2026). Ask the inspector whether a later edition or a local amendment applies.';
export const bathroom = 'Bathroom';
export const kitchen = 'Kitchen';
export const kitchenCountertop = 'Kitchen countertop';
export const within6Ft18M = 'Within 6 ft (1.8 m) of a sink';
export const within6Ft18MOf = 'Within 6 ft (1.8 m) of a tub or shower';
export const laundryArea = 'Laundry area';
export const garage = 'Garage';
export const shedOrOtherOutbuildingAtGround = 'Shed or other outbuilding at ground level';
export const outdoors = 'Outdoors';
export const crawlSpace = 'Crawl space';
export const basementUnfinished = 'Basement, unfinished';
export const basementFinished = 'Basement, finished';
export const boathouse = 'Boathouse';
export const dampOrWetLocationIndoors = 'Damp or wet location indoors';
export const livingFamilyOrRecreationRoom = 'Living, family or recreation room';
export const bedroom = 'Bedroom';
export const diningRoom = 'Dining room';
export const denLibraryOrStudy = 'Den, library or study';
export const hallway = 'Hallway';
export const closet = 'Closet';
export const sunroom = 'Sunroom';
export const dishwasher = 'Dishwasher';
export const rangeWallOvenOrCooktop = 'Range, wall oven or cooktop';
export const clothesDryer = 'Clothes dryer';
export const microwaveOvenFixed = 'Microwave oven, fixed';
export const sumpPump = 'Sump pump';
export const hardwiredEquipmentOutdoorsSuch = 'Hardwired equipment outdoors, such as an air conditioner';
export const evChargingOutlet = 'EV charging outlet';
export const poolPumpOrOtherPoolEquipment = 'Pool pump or other pool equipment';
export const hotTubOrSpa = 'Hot tub or spa';
export const the2023EditionExemptedListed =
  'The 2023 edition exempted listed heating and cooling equipment until September 1, 2026. Ask the inspector which date applies.';
