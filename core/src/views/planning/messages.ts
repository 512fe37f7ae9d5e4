export const terminalsRated6075C =
  'terminals rated 60/75 °C, interrupting rating as on the panel label, at least 10 kA';
export const familyAsOnThePanelLabel = 'family as on the panel label, which is not on record: read it first';
export const listedForThisPanel = (join: string) => `${join}, listed for this panel`;
export const breaker = (ratingAmps: string, poles: string, kind: string, planned: string, lookfor: string) =>
  `${ratingAmps} ${poles} ${kind} breaker, ${planned}; ${lookfor}`;
export const photoOfTheOldBreakerAnd = 'Photo of the old breaker and its label, for comparison';
export const quad = (outer: string, inner: string, planned: string) =>
  `Quad: ${outer}, ${inner} inner pair; ${planned}`;
export const tandemHalf = (ratingAmps: string, planned: string) => `${ratingAmps} tandem half, ${planned}`;
export const measureTheLength = ', measure the length';
export const with10ToSpare = (lengthM: string) => `, ${lengthM} with 10% to spare`;
export const fillerPlateForAnOpenSlot = 'Filler plate for an open slot, made for this panel';
export const packOfListedSpliceConnectors = 'Pack of listed splice connectors for the wire sizes above';
export const setOfLabelsForTheDirectory = 'Set of labels for the directory and each changed circuit';
export const lockLockoutDeviceAndTagFor = 'Lock, lockout device and tag for the main';
export const contactMeterAndAKnownLive = 'Contact meter, and a known live source to verify it';
export const itIsTheMain = 'It is the main.';
export const itFeedsASubpanel = 'It feeds a subpanel.';
export const aTwoPoleBreakerStaysOn = 'A two-pole breaker stays on its two legs.';
export const aTandemStaysWhereTheLabel = 'A tandem stays where the label allows it.';
export const itsHandleIsTiedToAnother = 'Its handle is tied to another.';
export const itSharesANeutralSoIt =
  'It shares a neutral, so it stays on its leg, opposite the other circuit.';
export const surgeProtectionStaysCloseToThe = 'Surge protection stays close to the main.';
export const aHazardIsOpenRepairIt = 'A hazard is open. Repair it first.';
export const itIsNoLongerInThis = 'It is no longer in this panel.';
export const traceItsNeutralFirstIfIt =
  'Trace its neutral first. If it shares one with another circuit, leave both on opposite legs with a common trip.';
export const awg = (gauge: string) => `${gauge} AWG `;
export const space = (space: number, half: string) => `space ${space}${half}`;
export const half = (half: string) => `, ${half} half`;
export const moveTo = (what: string, where: string) => `Move ${what} to ${where}`;
export const replaceWithAATandemHalf = (what: string, ratingAmps: number, where: string) =>
  `Replace ${what} with a ${ratingAmps} A tandem half in ${where}`;
export const replaceWithTheOuterPartOfAQuad = (what: string, ratingAmps: number, poles: number) =>
  `Replace ${what} with a quad: it becomes ${poles === 2 ? `the outer ${ratingAmps} A pair` : `an outer ${ratingAmps} A pole`}`;
export const outerPair = (amps: string) => `${amps} outer pair`;
export const outerPoles = (amps: string) => `${amps} outer poles that trip separately`;
export const aQuad = (outer: string) => `Quad: ${outer}`;
export const aTandemHalf = (ratingAmps: number) => `${ratingAmps} A tandem half`;
export const conductorAndAListedConnectorIn = (gauge: string) =>
  `${gauge}conductor and a listed connector, in case the wire is too short`;
export const evCharger = 'EV charger';
export const heatPump = 'Heat pump';
export const electricRange = 'Electric range';
export const workshop = 'Workshop';
export const other = 'Other';
export const traceBothNeutralsFirst =
  'Trace both neutrals first. Conductors that share a neutral go on opposite legs, never on a tandem breaker.';
export const togetherTheyCarry80OfIs = (totalAmps: string, ratingAmps: string, share: string) =>
  `Together they carry ${totalAmps}; 80% of ${ratingAmps} is ${share}.`;
export const bothConductorsShareOneNeutral =
  'Both conductors share one neutral. On one leg, their currents add up in it and the neutral can overheat.';
export const putThemOnOppositeLegsOn =
  'Put them on opposite legs, on a two-pole breaker with common trip. Never use a tandem breaker: both of its poles are on one leg.';
export const theTerminalIsListedForTwo =
  'The terminal is listed for two conductors of this size, so both may stay.';
export const oneBreakerCarriesBothLoads =
  'One breaker carries both loads: splice the wires to one pigtail of the same size with a listed connector, and put the pigtail under the terminal.';
export const theLoadIsTooMuchFor = (space: number, stepsCount: string) =>
  `The load is too much for one breaker, and there is room for a second one at space ${space}${stepsCount}.`;
export const after = (stepsCount: number, stepsCount2: string) => ` after ${stepsCount} ${stepsCount2}`;
export const noFullSpaceIsFreeAnd =
  'No full space is free, and the label allows tandem breakers: one in this space gives each conductor its own breaker. Both are on one leg.';
export const noSpaceIsFreeAndThe =
  'No space is free, and the label does not allow tandem breakers or was not read. Install a subpanel.';
export const itsCInsulationAtThisAmbient = (insulationC: number) =>
  `Its ${insulationC} °C insulation, at this ambient and number of conductors`;
export const itsCTerminals = (terminalC: number) => `Its ${terminalC} °C terminals`;
export const nec202311014C = 'NEC 2023, 110.14(C)';
export const cColumnForNmCable = '60 °C column for NM cable';
export const nec202333480 = 'NEC 2023, 334.80';
export const smallConductorLimit = 'Small-conductor limit';
export const newBreaker = 'New breaker';
export const busOf = (panel: string) => `${panel} bus`;
export const mainOf = (panel: string) => `${panel} main`;
export const feederOf = (panel: string, place: string, parent: string) =>
  `Feeder of ${panel}, ${place} in ${parent}`;
export const servicePart = {
  main: 'Service main',
  bus: 'Service bus',
  'meter-base': 'Meter base',
  conductors: 'Service conductors',
};
export const calculatedBy = {
  existing: 'NEC 220.83, existing dwelling',
  measured: 'NEC 220.87, 125% of the measured peak',
  optional: 'NEC 220.82, optional method',
  standard: 'NEC 220 Part III, standard method',
};
export const recordedPeak = (peak: string) => `125% of the recorded peak, ${peak}`;
export const clampedAtMain = 'clamped at the main';
export const sumOfCircuits = 'all of its circuits on at once';
export const sumOfMains = 'all mains together';
export const unknownCircuit = (place: string, label: string, panel: string) =>
  [place, label, `(${panel})`].filter((part) => part !== '').join(' ');
export const setItToAtMost = (amps: string) => `Choose a smaller load, or a lower setting: at most ${amps}.`;
export const putItOnTheOtherLeg = (leg: string) => `Put it on leg ${leg}.`;
export const haveItManaged =
  'Use an energy management system that turns it down or off while other loads run (NEC 750.30).';
export const putItInPanel = (panel: string) => `Connect it to ${panel} instead.`;
export const enlargeTheFeeder = (amps: string) =>
  `Have the feeder replaced, sized for ${amps}: conductors and breaker together.`;
export const enlargeFeederAndPanel = (amps: string) =>
  `Have the feeder and the panel it feeds replaced, sized for ${amps}: conductors, breaker and bus together.`;
export const enlargeTheService = (amps: string) =>
  `Have the service upgraded to ${amps}: conductors, meter base, main and bus together.`;
export const sourceBreakerAt = (place: string, rating: string) => `${rating} breaker, space ${place}`;
export const enterTheBusRating =
  'The bus rating is not on record. Read it on the panel label and enter it in the panel’s setup.';
export const enterTheMain =
  'The rating of the main or of the feeder breaker is not on record. Enter it in the panel’s setup.';
export const aRatingIsNotStandard = 'A breaker’s rating is not a standard rating from 15 to 400 A. Check it.';
export const asMeasured = 'as measured';
export const asListed = 'listed loads';
export const asUsual = (name: string) => `usual for: ${name}`;
export const asSaved = 'as saved';
export const powerUnknown = 'not known';
export const unnamedCircuit = 'Unnamed circuit';
export const movesToTheSubpanel = (place: string, label: string) => `${place} ${label}`;
