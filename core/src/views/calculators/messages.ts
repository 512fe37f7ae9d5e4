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
