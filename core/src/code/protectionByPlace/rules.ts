import * as messages from './messages.ts';

/** Editions of the code whose lists are known. */
export const EDITIONS = ['2017', '2020', '2023'] as const;
export type Edition = (typeof EDITIONS)[number];

/** The last edition whose lists are known, and when that was checked. */
export const EDITIONS_NOTE = messages.phylaxonCoversThe20172020And;

/** Places that a circuit serves. */
export const PLACES = {
  bathroom: messages.bathroom,
  kitchen: messages.kitchen,
  'kitchen-counter': messages.kitchenCountertop,
  'near-sink': messages.within6Ft18M,
  'near-tub': messages.within6Ft18MOf,
  laundry: messages.laundryArea,
  garage: messages.garage,
  'accessory-building': messages.shedOrOtherOutbuildingAtGround,
  outdoors: messages.outdoors,
  'crawl-space': messages.crawlSpace,
  'unfinished-basement': messages.basementUnfinished,
  'finished-basement': messages.basementFinished,
  boathouse: messages.boathouse,
  'damp-indoors': messages.dampOrWetLocationIndoors,
  'living-room': messages.livingFamilyOrRecreationRoom,
  bedroom: messages.bedroom,
  'dining-room': messages.diningRoom,
  den: messages.denLibraryOrStudy,
  hallway: messages.hallway,
  closet: messages.closet,
  sunroom: messages.sunroom,
} as const;

/** Equipment that the code names, wherever it stands. */
export const EQUIPMENT = {
  dishwasher: messages.dishwasher,
  range: messages.rangeWallOvenOrCooktop,
  dryer: messages.clothesDryer,
  microwave: messages.microwaveOvenFixed,
  'sump-pump': messages.sumpPump,
  'outdoor-equipment': messages.hardwiredEquipmentOutdoorsSuch,
  'vehicle-outlet': messages.evChargingOutlet,
  pool: messages.poolPumpOrOtherPoolEquipment,
  'hot-tub': messages.hotTubOrSpa,
} as const;

/** What a circuit serves: a place, or equipment that the code names. */
export const SERVED = { ...PLACES, ...EQUIPMENT } as const;
export type ProtectedPlace = keyof typeof PLACES;
export type Equipment = keyof typeof EQUIPMENT;
export type ServedUse = keyof typeof SERVED;

/** What a clause asks for, and of which circuits. */
export interface PlaceRule {
  asks: 'ground-fault' | 'arc-fault';
  /** Clause by edition; an edition that is not here asks for nothing. */
  clauses: Partial<Record<Edition, string>>;
  /** Of outlets that things are plugged into only, and not of what is wired in. */
  receptaclesOnly: boolean;
  /** Of circuits of 120 V, or of those of 240 V too, by edition. */
  also240From: Edition | null;
  /** Up to this breaker, A. */
  mostAmps: number;
  /** What else the clause says. */
  note?: string;
}

const groundFault = (
  clauses: PlaceRule['clauses'],
  more: Partial<Omit<PlaceRule, 'asks' | 'clauses'>> = {},
): PlaceRule => ({
  asks: 'ground-fault',
  clauses,
  receptaclesOnly: true,
  also240From: '2020',
  mostAmps: Infinity,
  ...more,
});

/** One clause of 210.8(A) by its number in each edition. */
const dwelling = (n2017: number | null, n2020: number | null, n2023: number | null): PlaceRule =>
  groundFault({
    ...(n2017 !== null && { 2017: `210.8(A)(${n2017})` }),
    ...(n2020 !== null && { 2020: `210.8(A)(${n2020})` }),
    ...(n2023 !== null && { 2023: `210.8(A)(${n2023})` }),
  });

/** Rooms where people live and sleep: 120 V circuits of 15 and 20 A, whatever is on them. */
const ARC_FAULT: PlaceRule = {
  asks: 'arc-fault',
  clauses: { 2017: '210.12(A)', 2020: '210.12(A)', 2023: '210.12(B)' },
  receptaclesOnly: false,
  also240From: null,
  mostAmps: 20,
};

/** Appliances that the code names for themselves, wired in or plugged in, up to 60 A. */
const APPLIANCES = '210.8(D)';
const appliance = (...editions: readonly Edition[]): PlaceRule =>
  groundFault(Object.fromEntries(editions.map((edition) => [edition, APPLIANCES])), {
    receptaclesOnly: false,
    mostAmps: 60,
  });

/**
 * What the code asks for by what a circuit serves, in dwellings, for new work. NEC 2017, 2020 and 2023: 210.8(A), (D) and (F),
 * 210.12, 422.5, 625.54, 680.21, 680.44.
 */
export const PLACE_RULES: Record<ServedUse, readonly PlaceRule[]> = {
  bathroom: [dwelling(1, 1, 1)],
  // The counter only until 2023 took in all outlets of a kitchen.
  kitchen: [dwelling(null, null, 6), ARC_FAULT],
  'kitchen-counter': [dwelling(6, 6, 6), ARC_FAULT],
  'near-sink': [dwelling(7, 7, 8)],
  'near-tub': [dwelling(9, 9, 10)],
  laundry: [dwelling(10, 10, 11), ARC_FAULT],
  garage: [dwelling(2, 2, 2)],
  'accessory-building': [dwelling(2, 2, 2)],
  outdoors: [dwelling(3, 3, 3)],
  'crawl-space': [dwelling(4, 4, 4)],
  'unfinished-basement': [dwelling(5, 5, 5)],
  'finished-basement': [dwelling(null, 5, 5), ARC_FAULT],
  boathouse: [dwelling(8, 8, 9)],
  'damp-indoors': [dwelling(null, 11, 12)],
  'living-room': [ARC_FAULT],
  bedroom: [ARC_FAULT],
  'dining-room': [ARC_FAULT],
  den: [ARC_FAULT],
  hallway: [ARC_FAULT],
  closet: [ARC_FAULT],
  sunroom: [ARC_FAULT],
  dishwasher: [appliance('2017', '2020', '2023'), ARC_FAULT],
  range: [appliance('2023')],
  dryer: [appliance('2023')],
  microwave: [appliance('2023'), ARC_FAULT],
  'sump-pump': [appliance('2020', '2023')],
  'outdoor-equipment': [
    groundFault(
      { 2020: '210.8(F)', 2023: '210.8(F)' },
      {
        receptaclesOnly: false,
        mostAmps: 50,
        note: messages.the2023EditionExemptedListed,
      },
    ),
  ],
  'vehicle-outlet': [
    groundFault({ 2017: '625.54', 2020: '625.54', 2023: '625.54' }, { also240From: '2017' }),
  ],
  pool: [
    groundFault(
      { 2017: '680.21(C)', 2020: '680.21(C)', 2023: '680.21(C)' },
      { receptaclesOnly: false, also240From: '2017', mostAmps: 60 },
    ),
  ],
  'hot-tub': [
    groundFault(
      { 2017: '680.44', 2020: '680.44', 2023: '680.44' },
      { receptaclesOnly: false, also240From: '2017' },
    ),
  ],
};
