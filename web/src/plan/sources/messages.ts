export const title = 'Backup and sources';
export const panel = 'Panel';
export const sources = 'Sources besides the utility';
export const noSources = 'No other source is on record for this panel.';
export const addASource = 'Add a source';
export const add = 'Add';
export const kind = 'Source';
export const connection = 'Connection';
export const connections = {
  bus: 'Breaker on the bus, in parallel with the utility',
  interlock: 'Breaker with an interlock at the main',
  'transfer-switch': 'Transfer switch',
};
export const itsBreaker = 'Its breaker';
export const noneYet = 'None yet';
export const power = 'Power (W)';
export const startingPower = 'Starting power (W)';
export const voltage = 'Voltage';
export const supplies = { '120': '120 V', '120/240': '120/240 V' };
export const sourceIs = (name: string, watts: string, supply: string) => `${name}, ${watts}, ${supply}`;
export const remove = (name: string) => `Remove ${name}`;
export const removeLabel = 'Remove';
export const feed = 'The main feeds the bus';
export const atOneEnd = 'At one end';
export const atItsCenter = 'At its center';
export const allowed = '✓ Allowed on this bus';
export const notAllowed = '✕ Not allowed on this bus';
export const noBreakerYet = (least: string, spaces: string) =>
  `No breaker on record. It needs ${least}, at the end opposite the main: spaces ${spaces}.`;
export const breakerAtSpace = (place: string, isOpposite: boolean) =>
  isOpposite ? `${place}, at the end opposite the main.` : `${place}, not at the end opposite the main.`;
export const breakerIs = (place: string) => `${place}.`;
export const needsABreaker = (least: string) => `No breaker on record. It needs ${least}.`;
export const aboveTheLargest = 'Above the largest standard breaker.';
export const planItThere = 'Plan it there';
export const labelsToPost = 'Labels to post';
export const toShutItOff = 'To shut it off';
export const neverWithout =
  'Never feed a panel from a generator or vehicle without an interlock or a transfer switch. It would energize the utility’s lines and could electrocute line workers.';
export const backup = 'What a backup carries';
export const backupSource = 'Source';
export const anotherSource = 'Another source';
export const circuits = 'Circuits';
export const running = 'Running (W)';
export const starting = 'Starting (W)';
export const priority = 'Priority';
export const priorities = {
  1: '1: must have power',
  2: '2: wanted',
  3: '3: if there is power left',
};
export const leaveOff = 'Leave off';
export const ofCircuit = (field: string, label: string) => `${field}: ${label}`;
export const chooseCircuits = 'Choose the circuits that should have power.';
export const atMost = (most: number) => `Choose at most ${most} circuits.`;
export const enterThePower = 'Enter the power of the source. Starting power must not be less than power.';
export const carriesAll = (count: string) => `✓ Carries all ${count}`;
export const carriesSome = (carried: number, chosen: number) => `Carries ${carried} of ${chosen} circuits`;
export const carriesNone = '✕ Carries none of the chosen circuits';
export const legLoad = (leg: string, watts: string, limit: string) => `Leg ${leg}: ${watts} of ${limit}`;
export const bothLegs = (watts: string, limit: string) => `Both legs: ${watts} of ${limit}`;
export const switchOnInOrder = 'Switch on in this order, one at a time';
export const peaksAt = (watts: string) => `up to ${watts} on its leg at the start`;
export const leftOff = 'Left off';
export const reasons = {
  'needs-240': 'needs 240 V',
  'too-large': 'too large for this source, even alone',
  'no-power-left': 'no power left',
  hazard: 'a hazard is open: it stays off until it is repaired',
  'shared-neutral':
    'shares a neutral: a 120 V source must not feed it, because the neutral would carry the sum',
  unknown: 'power not known: enter it',
};
export const theOthersStayOff =
  'All other breakers stay off. Turn off the main and set the interlock or transfer switch before the source is connected.';
export const howItIsChosen =
  'Every combination is compared: as many circuits as possible of priority 1, then of 2, then of 3. The largest motor starts first, while the most power is in reserve.';
export const carriedMark = (order: number) => `start ${order}`;
export const leftOffMark = 'off';
export const layer = 'Circuits on the backup, in their order';
export const save = 'Save sources and circuits';
export const saved = 'Saved';
export const newSource = (name: string) => `${name} breaker`;
export const notKnown = 'not known';
