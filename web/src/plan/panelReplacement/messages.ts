export const title = 'Panel replacement';
export const panel = 'Panel';
export const location = 'Location';
export const indoor = 'Indoors';
export const outdoor = 'Outdoors';
export const conductors = 'Service conductors';
export const copper = 'Copper';
export const aluminum = 'Aluminum';
export const startsOn = 'Apply for the permit on';
export const permitDays = 'Permit takes (days)';
export const utilityDays = 'Utility notice (days)';
export const size = 'Size';
export const headline = (main: string, spaces: number) => `${main} main, ${spaces} spaces`;
export const tooLarge = 'Too large for a panel of this kind. An engineer has to plan the service.';
export const madeFor = (load: string, basis: string, spaces: number) =>
  `For a load of ${load} (${basis}) and ${spaces} spaces in use, with 20% of the spaces to spare.`;
export const main = 'Main';
export const bus = 'Bus';
export const atLeast = (value: string) => `${value} or more`;
export const serviceConductors = 'Service conductors';
export const forADwelling = 'NEC 2023, 310.12(A): 83% of the rating at 75 °C';
export const electrode = 'Grounding electrode conductor';
export const electrodeIs = (gauge: string) => `${gauge} AWG copper`;
export const byTheTable = 'NEC 2023, Table 250.66';
export const mainSource = 'NEC 2023, 230.79(C) and 240.6(A)';
export const busSource = 'Not below the main';
export const alsoNeeded = 'What else it needs';
export const days = 'The work, day by day';
export const withoutPower = (from: number, to: number) =>
  `The house is without power on one day, ${from} to ${to} hours, if everybody comes as agreed.`;
export const off = 'without power';
export const waiting = 'What waiting means';
export const offices =
  'Dates are on workdays. Your permit office and utility decide the order and the notice they need.';
export const deEnergized =
  'Only a licensed electrician replaces a panel, and only after the utility has disconnected it. The line side stays energized until then.';
export const notReadable = 'Check the date and the days.';
export const seeTheEvaluation = 'See the panel evaluation';
export const loadNotKnown = (count: number) =>
  count === 1
    ? 'One circuit has no reading and no listed load: the load is larger than told here.'
    : `${count} circuits have no reading and no listed load: the load is larger than told here.`;
export const fillInTheService = 'Fill in the service load';
export const feederConductors = 'Feeder conductors';
export const feederBreaker = 'Feeder breaker';
export const feederSource = 'NEC 2023, 215.3 and 240.6(A)';
export const byAmpacity = 'NEC 2023, 110.14(C) and Table 310.16';
export const subHeadline = (feeder: string, spaces: number) => `${feeder} feeder, ${spaces} spaces`;
export const subWithoutPower = (from: number, to: number) =>
  `What this panel feeds is without power on one day, ${from} to ${to} hours.`;
export const feederOff =
  'Only a licensed electrician replaces a panel, and only with its feeder off, locked out and verified dead.';
