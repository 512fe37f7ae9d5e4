/** A common thing that is plugged in or wired, with what is usual for it. Figures of our own, from what such things are rated. */
export interface Appliance {
  name: string;
  volts: 120 | 240;
  /** What is usual, and from where to where it goes, W. */
  watts: number;
  from: number;
  to: number;
  /** Watts over volt-amperes. */
  powerFactor: number;
  /** A motor’s start: times its running current, and for how long, s. */
  start: { times: number; seconds: number } | null;
  /** How long it runs and rests in turns, s. */
  turns: { on: number; off: number } | null;
  /** Runs three hours or more. */
  continuous: boolean;
}

const MINUTE = 60;

const thing = (
  name: string,
  watts: number,
  [from, to]: [number, number],
  more: Partial<Omit<Appliance, 'name' | 'watts' | 'from' | 'to'>> = {},
): Appliance => ({
  name,
  volts: 120,
  watts,
  from,
  to,
  powerFactor: 1,
  start: null,
  turns: null,
  continuous: false,
  ...more,
});
const start = (times: number, seconds: number) => ({ start: { times, seconds } });
const turns = (on: number, off: number) => ({ turns: { on: on * MINUTE, off: off * MINUTE } });
const CONTINUOUS = { continuous: true } as const;
const ACROSS = { volts: 240 } as const;

/** Common things, by room. */
export const APPLIANCES: readonly Appliance[] = [
  thing('Kettle', 1500, [1000, 1800]),
  thing('Coffee maker', 900, [600, 1400]),
  thing('Toaster', 900, [700, 1500]),
  thing('Toaster oven', 1400, [1000, 1800]),
  thing('Microwave oven', 1450, [900, 1800], { powerFactor: 0.92 }),
  thing('Hot plate', 1300, [750, 1800], turns(2, 1)),
  thing('Slow cooker', 240, [150, 320], CONTINUOUS),
  thing('Refrigerator', 150, [90, 250], { powerFactor: 0.75, ...start(6, 0.5), ...turns(20, 25) }),
  thing('Freezer', 120, [70, 220], { powerFactor: 0.75, ...start(6, 0.5), ...turns(20, 30) }),
  thing('Dishwasher', 1200, [900, 1500], turns(20, 25)),
  thing('Garbage disposal', 500, [350, 900], { powerFactor: 0.75, ...start(5, 0.4) }),
  thing('Range', 8000, [5000, 12_000], ACROSS),
  thing('Wall oven', 4000, [2500, 5500], { ...ACROSS, ...turns(5, 5) }),
  thing('Cooktop', 6000, [4000, 9000], ACROSS),
  thing('Washing machine', 500, [300, 900], { powerFactor: 0.65, ...start(4, 0.8) }),
  thing('Clothes dryer', 5000, [3500, 5800], { ...ACROSS, ...turns(8, 2) }),
  thing('Clothes iron', 1200, [900, 1700], turns(1, 1)),
  thing('Water heater', 4500, [3000, 5500], { ...ACROSS, ...turns(40, 60), ...CONTINUOUS }),
  thing('Hair dryer', 1500, [1000, 1875]),
  thing('Curling iron', 60, [25, 120]),
  thing('Space heater', 1500, [750, 1500], CONTINUOUS),
  thing('Baseboard heater', 1500, [500, 2500], { ...ACROSS, ...turns(15, 15), ...CONTINUOUS }),
  thing('Electric blanket', 180, [60, 250], CONTINUOUS),
  thing('Window air conditioner', 900, [450, 1450], {
    powerFactor: 0.9,
    ...start(5, 0.6),
    ...turns(15, 10),
    ...CONTINUOUS,
  }),
  thing('Central air conditioner', 3500, [2000, 6000], {
    ...ACROSS,
    powerFactor: 0.9,
    ...start(5, 0.5),
    ...turns(15, 10),
    ...CONTINUOUS,
  }),
  thing('Heat pump', 4000, [2000, 7000], {
    ...ACROSS,
    powerFactor: 0.92,
    ...start(4, 0.5),
    ...turns(20, 10),
    ...CONTINUOUS,
  }),
  thing('Furnace blower', 500, [300, 900], {
    powerFactor: 0.7,
    ...start(4, 1),
    ...turns(12, 12),
    ...CONTINUOUS,
  }),
  thing('Dehumidifier', 500, [300, 750], {
    powerFactor: 0.85,
    ...start(6, 0.5),
    ...turns(20, 10),
    ...CONTINUOUS,
  }),
  thing('Humidifier', 100, [30, 280], CONTINUOUS),
  thing('Box fan', 70, [40, 110], { powerFactor: 0.85, ...CONTINUOUS }),
  thing('Vacuum cleaner', 1100, [600, 1400], { powerFactor: 0.95, ...start(3, 0.5) }),
  thing('Television', 120, [50, 300], { powerFactor: 0.9 }),
  thing('Computer and monitor', 200, [80, 500], { powerFactor: 0.65 }),
  thing('Laser printer', 500, [300, 1200], { powerFactor: 0.7, ...turns(1, 2) }),
  thing('Router and modem', 20, [8, 40], { powerFactor: 0.5, ...CONTINUOUS }),
  thing('Phone charger', 12, [5, 40], { powerFactor: 0.5 }),
  thing('LED lamp', 9, [4, 18], { powerFactor: 0.55, ...CONTINUOUS }),
  thing('Compact fluorescent lamp', 14, [9, 25], { powerFactor: 0.55, ...CONTINUOUS }),
  thing('Incandescent lamp', 60, [25, 150], CONTINUOUS),
  thing('Halogen flood lamp', 300, [100, 500], CONTINUOUS),
  thing('Sump pump', 800, [400, 1200], { powerFactor: 0.75, ...start(5, 0.6), ...turns(1, 10) }),
  thing('Well pump', 1500, [700, 2500], { ...ACROSS, powerFactor: 0.75, ...start(5, 0.6), ...turns(3, 15) }),
  thing('Pool pump', 1500, [750, 2200], { ...ACROSS, powerFactor: 0.8, ...start(5, 0.8), ...CONTINUOUS }),
  thing('Hot tub', 6000, [3000, 11_000], { ...ACROSS, ...turns(20, 40), ...CONTINUOUS }),
  thing('Garage door opener', 500, [300, 800], { powerFactor: 0.7, ...start(3, 0.5) }),
  thing('EV charger, 120 V', 1440, [960, 1440], CONTINUOUS),
  thing('EV charger, 240 V', 7200, [3800, 11_500], { ...ACROSS, ...CONTINUOUS }),
  thing('Circular saw', 1600, [1200, 1800], { powerFactor: 0.95, ...start(4, 0.6) }),
  thing('Table saw', 1650, [1300, 1900], { powerFactor: 0.8, ...start(5, 0.8) }),
  thing('Air compressor', 1400, [800, 1900], { powerFactor: 0.75, ...start(6, 0.8), ...turns(3, 6) }),
  thing('Welder', 5000, [3000, 9000], { ...ACROSS, powerFactor: 0.7, ...turns(2, 8) }),
  thing('Aquarium', 120, [40, 400], { powerFactor: 0.8, ...CONTINUOUS }),
];

/**
 * Common things whose names hold every word of a text, those of which a word begins with it first.
 *
 * @param text as it is typed
 * @returns things with what is usual for each
 * @example findAppliances('dryer').map(({ name }) => name) // ['Clothes dryer', 'Hair dryer']
 */
export function findAppliances(text: string): Appliance[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const begins = ({ name }: Appliance) =>
    words[0] !== undefined &&
    name
      .toLowerCase()
      .split(' ')
      .some((word) => word.startsWith(words[0]!))
      ? 0
      : 1;
  return APPLIANCES.filter(({ name }) => words.every((word) => name.toLowerCase().includes(word))).sort(
    (a, b) => begins(a) - begins(b) || a.name.localeCompare(b.name),
  );
}
