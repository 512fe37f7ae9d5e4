export const tripTime = 'Trip time';
export const rating = 'Rating (A)';
export const current = 'Current (A)';
export const currentBefore = 'Current before (A)';
export const ambient = 'Ambient';
export const noSoundBreakerTrips = 'A sound breaker never trips at this current';
export const tripsAfterOrNever = (soonest: string) => `Trips after ${soonest} at the earliest, or never`;
export const tripsWithin = (soonest: string, latest: string) => `Trips in ${soonest} to ${latest}`;
export const tripsImmediately = (latest: string) => `Trips immediately, within ${latest}`;
export const timesTheRating = (amps: string, multiple: string, rated: string) =>
  `${amps} is ${multiple} times ${rated}.`;
export const wornOneDiffers =
  'For a sound thermal-magnetic breaker. A worn or hot breaker can trip outside this range.';
export const apparentPower = 'Volt-amperes and power factor';
export const voltage = 'Voltage (V)';
export const watts = 'Power (W), if measured';
export const withPowerFactor = (va: string, factor: string) => `${va}, power factor ${factor}`;
export const product = (volts: string, amps: string, va: string) => `${volts} × ${amps} = ${va}`;
export const ratio = (power: string, va: string, factor: string) => `${power} ÷ ${va} = ${factor}`;
export const definitionOfPower = 'Definitions: VA = V × A, power factor = W ÷ VA';
export const ampsLoadTheBreaker = 'The current loads the breaker, whatever the power factor.';
export const breakerForALoad = 'Breaker and wire for a load';
export const duration = 'Duration';
export const underThreeHours = 'Under three hours';
export const threeHoursOrMore = 'Three hours or more';
export const material = 'Material';
export const copper = 'Copper';
export const aluminum = 'Aluminum';
export const breakerAndWire = (rated: string, conductor: string) => `${rated} breaker, ${conductor}`;
export const noStandardBreaker = 'Above the largest standard breaker';
export const continuousCounts = (amps: string, counted: string) => `125% of ${amps} is ${counted}.`;
export const nextStandard = (counted: string, rated: string) =>
  `The next standard rating at or above ${counted} is ${rated}.`;
export const wireBySixty = (conductor: string) =>
  `${conductor} by the 60 °C column. Use a larger size in hot air, in a bundle or on a long run.`;
export const voltageDrop = 'Voltage drop';
export const length = 'Length, one way';
export const wireSize = 'Wire size';
export const drop = (percent: string, volts: string) => `${percent}% voltage drop, ${volts}`;
export const thereAndBack = (ohms: string) => `Conductor resistance, both ways: ${ohms} at 75 °C.`;
export const smallestWithin = (limit: number, conductor: string) =>
  `Smallest wire within ${limit}%: ${conductor}.`;
export const noneWithin = (limit: number) => `No wire in the table stays within ${limit}%.`;
export const ampacity = 'Ampacity';
export const insulation = 'Insulation';
export const terminals = 'Terminals';
export const degrees = (celsius: number) => `${celsius} °C`;
export const conductorsInTheRun = 'Current-carrying conductors';
export const carries = (amps: string) => `Carries ${amps}`;
export const limits = (insulationAmps: string, terminalAmps: string) =>
  `By its insulation with corrections: ${insulationAmps}. By the terminals: ${terminalAmps}.`;
export const largestBreaker = (rated: string) => `Largest breaker: ${rated}.`;
export const noBreaker = 'No standard breaker protects it here.';
export const secondSource = 'Solar, battery or vehicle feeding a panel';
export const bus = 'Bus (A)';
export const main = 'Main (A)';
export const output = 'Source output (A)';
export const sourceBreaker = 'Source breaker (A)';
export const position = 'Position';
export const farEnd = 'At the end opposite the main';
export const elsewhere = 'Anywhere else';
export const source = 'The source';
export const allowed = 'Allowed on this bus';
export const notAllowed = 'Not allowed on this bus';
export const sag = 'Bad connection from a voltage sag';
export const unloaded = 'Without load (V)';
export const loaded = 'With load (V)';
export const sagIs = (percent: string, watts: string) => `${percent}% sag, ${watts} of heat in the run`;
export const loadedIsHigher = 'The voltage with load must not be above the voltage without load.';
export const enterALoad = 'Enter the current of a known load, above 0 A.';
export const enterTheVoltage = 'Enter a voltage above 0 V.';
export const resistance = (ohms: string) => `Resistance of the run and its connections: ${ohms}.`;
export const sagCompare = (limit: number) =>
  `Above ${limit}%, the run is too long, the wire is too small, or a connection is bad. Have an electrician find it.`;
export const sagNormal = (limit: number) => `Up to ${limit}% is usual for a branch circuit.`;
export const boxFill = 'Box fill';
export const largestWire = 'Largest wire in the box';
export const conductorsInTheBox = 'Conductors, without grounds';
export const grounds = 'Grounds';
export const devices = 'Devices on straps';
export const clamps = 'Cable clamps';
export const inside = 'Inside the box';
export const none = 'None inside';
export const boxOf = (volume: string) => `Box of at least ${volume} in³`;
export const volumesOf = (count: string, each: string) => `${count} conductors of ${each} in³.`;
export const howABoxCounts =
  'Each conductor that ends or is spliced in the box counts once, each device twice, all inside clamps once. Up to four grounds count once together, each further one a quarter.';
export const volumeIsMarked =
  'The volume is marked in the box. A wire that passes through unbroken counts once.';
export const racewayFill = 'Conduit fill';
export const raceway = 'Conduit';
export const raceways = { emt: 'EMT', 'pvc-40': 'PVC Schedule 40' };
export const conductorsWithGrounds = 'Conductors, with grounds';
export const racewayOf = (size: string) => `${size} in. conduit`;
export const noRaceway = 'Larger than 2 in. conduit';
export const areaOf = (count: number, area: string) => `${count} THHN conductors together: ${area} in².`;
export const mayFill = (most: number) => `They may fill ${most}%.`;
export const fills = (filled: string, most: number) => `They fill ${filled}%. The limit is ${most}%.`;
export const moreThanThreeCarry =
  'More than three current-carrying conductors reduce the ampacity. Check it with the ampacity calculator.';
export const motor = 'Motor circuit';
export const horsepower = 'Horsepower';
export const hp = (name: string) => `${name} hp`;
export const motorVoltage = 'Motor voltage';
export const upToABreaker = (rated: string, conductor: string) => `Breaker up to ${rated}, ${conductor}`;
export const fullLoad = (amps: string) => `Full-load current by the table: ${amps}.`;
export const motorConductor = (percent: number, amps: string, conductor: string) =>
  `Conductor: ${percent}% of it, ${amps}: ${conductor} by the 60 °C column.`;
export const motorBreaker = (percent: number, rated: string) =>
  `Breaker: at most ${percent}% of it, rounded up to a standard rating: ${rated}. A smaller one is fine if it holds the start.`;
export const overloadProtects =
  'The motor’s own overload protection guards the conductor. Without it, the breaker must not be larger than the conductor allows.';
export const compressor = 'Air conditioner by its nameplate';
export const minimumAmpacity = 'Minimum circuit ampacity (A)';
export const maximumBreaker = 'Maximum breaker (A)';
export const noBreakerBetween = 'No standard breaker between minimum and maximum';
export const readTheNameplateAgain = 'Read the nameplate again, or ask the manufacturer.';
export const breakerFromTo = (from: string, most: string, conductor: string) =>
  `Breaker of ${from} to ${most}, ${conductor}`;
export const conductorForMinimum = (amps: string, conductor: string) =>
  `The conductor carries at least ${amps}: ${conductor} by the 60 °C column.`;
export const neverAboveNameplate = (most: string) => `The nameplate allows no breaker above ${most}.`;
export const aTripIsNoReason = 'If it trips, find the cause. A larger breaker is not the repair.';
export const hiddenLoad = 'Hidden load by the utility meter';
export const pulses = 'Blinks of the lamp';
export const secondsTaken = 'In (s)';
export const wattHoursAPulse = 'Wh per blink';
export const priceAKilowattHour = 'Price per kWh';
export const definitionOfPulses = 'Definition: W = 3,600 × Wh per blink × blinks ÷ s';
export const countPulses = 'Count at least one blink, a whole number.';
export const enterSeconds = 'Enter a time above 0 s.';
export const enterWattHours =
  'Enter the Wh of one blink, above 0. It is printed beside the lamp, often as 1 Wh/imp.';
export const enterAPrice = 'Enter a price from 0 to 100.';
export const costsAYear = (power: string, cost: string) => `${power} all the time, ${cost} a year`;
export const powerByPulses = (count: number, each: string, taken: string, power: string) =>
  `3,600 × ${each} Wh × ${count} ÷ ${taken} s = ${power}`;
export const energyAYear = (kilowattHours: string) => `In a year: ${kilowattHours} kWh.`;
export const turnOffWhatYouKnow =
  'Turn off everything you know of first. What is left is the hidden load: turn off one breaker after another until it drops.';
export const circuitLoad = 'Load of a circuit';
export const allLoads = 'All loads together (W)';
export const breaker = 'Breaker (A)';
export const loadIs = (amps: string, percent: string, rated: string) => `${amps}, ${percent}% of ${rated}`;
export const quotient = (power: string, volts: string, amps: string) => `${power} ÷ ${volts} = ${amps}`;
export const loadBands = {
  'under-80': 'Within what it may carry for hours.',
  '80-to-100': 'Fine for less than three hours. Too much for longer.',
  '100-to-135':
    'Above the rating. Take loads off: the breaker may trip within minutes or hours, or stay on hot.',
  'over-135': 'Far above the rating. Take loads off: a sound breaker must trip.',
};
export const forHours = (amps: string) => `For three hours or more it may carry ${amps}.`;
export const legBalance = 'Leg balance';
export const legA = 'Leg A (A)';
export const legB = 'Leg B (A)';
export const definitionOfNeutral = 'Definition: at 120/240 V single phase, neutral current = leg A − leg B';
export const legsDiffer = (amps: string) => `The legs differ by ${amps}`;
export const neutralCarries = (amps: string) => `The neutral carries ${amps}.`;
export const unbalanced = 'Unbalanced: move a circuit to the other leg.';
export const balanced = 'Balanced.';
export const harmonics = 'Electronics and dimmers can add current on the neutral.';
export const temperatureRise = 'Temperature of a breaker or terminal';
export const surface = 'This one';
export const peer = 'A similar one, same load';
export const thisOne = 'This one';
export const similarOne = 'A similar one';
export const heatGrades = {
  normal: 'Normal',
  watch: 'Watch: measure again at a higher load',
  'repair-soon': 'Repair soon',
  urgent: 'Urgent: turn it off and have it repaired',
};
export const riseIs = (rise: string) => `Rise over the air: ${rise}.`;
export const overPeers = (rise: string) => `Over the similar one: ${rise}.`;
export const atRating = (rise: string) => `Rise at full load: ${rise}.`;
