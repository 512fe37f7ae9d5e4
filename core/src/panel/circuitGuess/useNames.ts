import { CIRCUIT_USE_IDS, CIRCUIT_USES, type CircuitUseId } from './uses.ts';

/** Words by which people call what a circuit feeds, in lower case, a hyphen for a space; a use without any is told by nothing but its looks. */
const USE_NAMES: Readonly<Partial<Record<CircuitUseId, readonly string[]>>> = {
  refrigerator: ['refrigerator', 'fridge', 'freezer'],
  dishwasher: ['dishwasher'],
  disposal: ['disposal'],
  microwave: ['microwave'],
  furnace: ['furnace', 'boiler', 'blower', 'air-handler'],
  'smoke-alarms': ['smoke'],
  'sump-pump': ['sump'],
  range: ['range', 'oven', 'stove', 'cooktop'],
  dryer: ['dryer'],
  'water-heater': ['water-heater'],
  'air-conditioner': ['air-conditioner', 'a/c', 'ac', 'condenser'],
  'electric-heat': ['heat-pump', 'electric-furnace'],
  baseboard: ['baseboard'],
  'vehicle-charger': ['ev-charger', 'charger', 'evse'],
  'hot-tub': ['hot-tub', 'spa'],
  'well-pump': ['well-pump', 'well'],
  subpanel: ['subpanel', 'sub-panel'],
  workshop: ['welder', 'workshop'],
  laundry: ['laundry', 'washer', 'washing-machine'],
  bathroom: ['bath', 'bathroom'],
  bedroom: ['bedroom', 'bedrooms'],
  garage: ['garage'],
  outdoor: ['outdoor', 'patio', 'porch'],
  basement: ['basement'],
};

/**
 * Which use of a circuit a name tells of: a line of a directory, or a place of a house.
 *
 * @param text as somebody wrote it
 * @param poles of its breaker; left out: of either
 * @returns the one use that it names; `null` where it names none, or several
 * @example useNamed('Dryer, laundry room', 2) // 'dryer'
 */
export function useNamed(text: string, poles?: 1 | 2): CircuitUseId | null {
  const words = ` ${text
    .toLowerCase()
    .replace(/[^a-z/]+/g, ' ')
    .trim()} `;
  const named = CIRCUIT_USE_IDS.filter(
    (id) =>
      (poles === undefined || CIRCUIT_USES[id].poles === poles) &&
      USE_NAMES[id]?.some((name) => words.includes(` ${name.replace('-', ' ')} `)),
  );
  return named.length === 1 ? named[0]! : null;
}
