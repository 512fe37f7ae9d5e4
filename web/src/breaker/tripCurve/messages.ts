import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const ambientTemperature = 'Ambient temperature';
export const tripTimeAtAGivenCurrent = 'Trip time at a given current';
export const aAfter1HAt15 = '27 A after 1 h at 15 A at 40 °C';
export const calculate = 'Calculate';
export const forExample27AAfter1 = (temperatureText: string) =>
  `For example “27 A after 1 h at 15 A at 40 °C”. Without a time, the breaker starts cold. Without a temperature, the ambient is ${temperatureText}.`;
export const calculatedFor = (asked: string) => `Calculated for: ${asked}.`;
export const aSoundBreaker = (fastestSeconds: ReactNode, openedBefore: ReactNode) =>
  rich`A sound breaker: ${fastestSeconds}.${openedBefore}`;
export const theEarlierLoadMayHaveTripped = ' The earlier load may have tripped it already.';
export const thisBreakerByItsRecord = (unit: ReactNode) => rich`This breaker, by its record: ${unit}.`;
export const at = (seconds: string, amps: string) => `${seconds} at ${amps}`;
export const fromCold = 'from cold';
export const after = (ran: string) => `after ${ran}`;
export const atAmbient = (amps: string, after: string, ambientC: string) =>
  `${amps}, ${after}, at ${ambientC} ambient`;
export const thisBreaker = 'This breaker';
export const tripCurve = 'Trip curve';
export const combinedLoads = 'Combined loads';
export const loadProfile = 'Load profile';
export const wear = 'Wear';
export const aSurgeProtectiveDeviceHasNo =
  'A surge protective device has no trip curve. Its indicator light shows its condition.';
export const theStandardTripCurveCovers = 'The standard trip curve covers ratings from 10 to 225 A.';
export const drawing = 'Drawing …';
export const listTheLoadsOnThisCircuit =
  'List the loads on this circuit to see which combinations trip the breaker.';
export const listTheLoads = 'List the loads';
export const calculatingEveryCombination = 'Calculating every combination …';
export const forASoundBreakerAtAmbient = (
  ratingAmps: string,
  ambientC: string,
  kind: ReactNode,
  allCount: ReactNode,
) =>
  rich`For a sound ${ratingAmps} breaker at ${ambientC} ambient. “Never” means it holds indefinitely; “or never” means some sound breakers do not trip.${kind}${allCount}`;
export const theElectronicsInThisBreakerCan =
  ' The electronics in this breaker can trip it sooner. That is normal.';
export const theLargestOfLoadsAreUsed = (mostloads: number, allCount: number) =>
  ` The ${mostloads} largest of ${allCount} loads are used.`;
export const turnLoadsOnAndOff = 'Turn loads on and off';
export const withEverythingOff = 'with everything off.';
export const asStarts = (onCount: string) => `, as ${onCount} starts`;
export const oneOfThem = 'one of them';
export const combinationsThatMayTripIt = 'Combinations that may trip it, smallest first';
export const noneAllLoadsTogetherCanRun = 'None: all loads together can run indefinitely.';
export const asOneOfThemStartsWhile = ', as one of them starts while the others run';
export const asItStarts = ', as it starts';
export const eitherOneAloneNeverTripsIt = '; either one alone never trips it';
export const withAnyOfThemOffIt = '; with any of them off it never trips';
export const thisBreakerByItsRecordFor = (i: string) => `This breaker, by its record: ${i}`;
export const andMore = (offendingCount: number) => `And ${offendingCount} more.`;
export const combinationsThatRun = 'Combinations that run indefinitely';
export const noneEveryLoadMayTripIt = 'None: every load may trip it alone.';
export const ofCombinationsNeverTripASound = (foreverCount: ReactNode, holding: number, sets: number) =>
  rich`${foreverCount}${holding} of ${sets} combinations never trip a sound breaker. All were checked.`;
export const andMoreForever = (foreverCount: number) => `And ${foreverCount} more. `;
export const tripTimeOverCurrentBothOn = (ambientC: string, marksCount: number) =>
  `Trip time over current, both on logarithmic scales, at ${ambientC}° ambient. ${marksCount} events are marked and listed below.`;
export const currentA = 'current, A';
export const anySoundBreaker = (span: ReactNode) => rich`${span} any sound breaker`;
export const thisBreakerByItsRecordInline = 'this breaker, by its record';
export const tripped = '▼ tripped';
export const held = '○ held';
export const mustHaveTrippedByTheStandard = '+ must have tripped, by the standard';
export const orNever = 'or never';
export const to = (sayDuration: string) => `to ${sayDuration}`;
export const rating = (multiple: string, multiple2: string) => `${multiple}, ${multiple2} × rating`;
export const soundBreaker = (band: ReactNode) => rich`Sound breaker: ${band}`;
export const thisBreakerOf = (own: ReactNode) => rich`This breaker: ${own}`;
export const calculateATripTime = 'Calculate a trip time';
export const tripCurveOfABreaker = (ratingAmps: string) => `Trip curve of a ${ratingAmps} breaker`;
export const bandThePrintedCurveOf = (family: string) => `Band: the printed curve of ${family}. `;
export const onRecord = 'On record';
export const tripsFrom90FromToA = (
  p50: string,
  p05: string,
  p95: string,
  ratingAmps: string,
  ratingAmps2: string,
) => `Trips from ${p50}, 90% from ${p05} to ${p95}; a sound breaker from ${ratingAmps} to ${ratingAmps2}`;
export const aSoundBreakerInline = 'a sound breaker';
export const ratingInline = (ratingAmps: string) => `rating ${ratingAmps}`;
export const solidByItsRecordDashedA =
  'Solid: by its record. Dashed: a typical breaker with trouble, before its record counts.';
export const weakByItsRecordItTrips = 'Weak, by its record: it trips below its rating';
export const soundByItsRecord = 'Sound, by its record';
export const sluggishByItsRecordItTrips = 'Sluggish, by its record: it trips too late, or not at all';
export const theRecordIsNotConclusiveYet = 'The record is not conclusive yet';
export const thisBreakerSElectronicsTripIt =
  'The electronics can trip this breaker for other reasons, so its trips say little about its thermal element. Log the times it held.';
export const calculating = 'Calculating …';
export const itTripsFromSteadyCurrentWith = (
  p50: ReactNode,
  p05: ReactNode,
  p95: ReactNode,
  rating: string,
  soundFrom: ReactNode,
  soundTo: ReactNode,
  temperatureText: string,
) =>
  rich`It trips from ${p50} steady current, with 90% confidence from ${p05} to ${p95}. A sound ${rating} breaker trips from ${soundFrom} to ${soundTo}. This is its thermal trip point at ${temperatureText} ambient, not a rating.`;
export const tripPointBeforeAndAfterIts = 'Trip point, before and after its record';
export const whatEachEventShows = 'What each event shows';
export const assumedErrorsCurrentsTimesPlus = (
  currentSd: string,
  timeShare: string,
  timeSeconds: string,
  strayShare: string,
  thermalTrip: string,
) =>
  `Assumed errors: currents ${currentSd}, times ${timeShare} plus ${timeSeconds}; ${strayShare} of the notes count as unusable. Limits of a sound breaker: ${thermalTrip}.`;
export const tripsAreOnRecordButNone =
  'Trips are on record, but none with both a current and a time, so they do not show the breaker’s condition.';
export const noTripOrHoldWithIts =
  'No trip or hold with its current is on record. Each one counts as a measurement: how many amps, how long, and whether it tripped.';
export const logATrip = 'Log a trip';
export const logAHold = 'Log a hold';
export const over99 = 'over 99%';
export const under1 = 'under 1%';
export const weakTripsTooEarly = 'weak, trips too early';
export const sluggishTripsTooLateOrNot = 'sluggish, trips too late or not at all';
export const strongEvidence = 'strong evidence';
export const someEvidence = 'some evidence';
export const littleEvidence = 'little evidence';
export const trippedTitle = 'Tripped';
export const heldTitle = 'Held';
export const inParentheses = (p05: string, p95: string) => `(${p05} to ${p95})`;
export const bits = (bits: string) => `: ${bits} bits`;
export const printedCurveOfItsFamily = 'Printed curve of its family';
export const enterTheBreakerSFamilyFirst =
  'Enter the breaker’s family first (tab “Breaker”). A printed curve belongs to a family.';
export const pointsReadFromCheckThemThen = (okCount: number, fileName: string) =>
  `${okCount} points read from ${fileName}. Check them, then save.`;
export const printedCurveOf = (family: string, curve: string) => `Printed curve of ${family}: ${curve}`;
export const inUse = 'in use';
export const noneTheStandardBandIsUsed = 'none, the standard band is used';
export const fromTheManufacturerSDataSheet = (family: string) =>
  `From the manufacturer’s data sheet, starting cold at 25 °C. The curve applies to every ${family} breaker at this site. Leave a time empty where the breaker never trips.`;
export const current = 'Current';
export const timesRatingLabel = '× rating';
export const earliest = 'Earliest';
export const latest = 'Latest';
export const removePoint = (i: number) => `Remove point ${i}`;
export const addAPoint = 'Add a point';
export const importACsvTable = 'Import a CSV table';
export const columnsMultipleFastestSSlowest = 'Columns: multiple, fastest (s), slowest (s).';
export const theTableWasNotImported = 'The table was not imported:';
export const saving = 'Saving …';
export const saveCurve = 'Save curve';
export const useTheStandardCurveAgain = 'Use the standard curve again';
export const thisCurveIsInUseYou = 'This curve is in use. You can undo this.';
export const enterAtLeastTwoPointsWith =
  'Enter at least two points with times: they set the two edges of the band.';
export const mostSensitive = 'Most sensitive';
export const leastSensitive = 'Least sensitive';
export const tripsFromTimeConstantDiffers = (k: ReactNode, tauSeconds: ReactNode, error: ReactNode) =>
  rich`trips from ${k}, time constant ${tauSeconds}; differs from the points by ${error}`;
export const timesRating = (k: string) => `${k} × rating`;
export const doNotTestThisBreakerWhile = 'Do not test this breaker while a danger sign is on record.';
export const enterTheConductorFirst = 'Enter the conductor first';
export const aTestWouldDecideThisBut =
  'A test would decide this, but it is only safe once the conductor’s ampacity is known. Enter the wire size and material.';
export const enterTheConductor = 'Enter the conductor';
export const fixTheHotConnectionFirst = 'Fix the hot connection first';
export const aHotConnectionHeatsTheThermal =
  'A hot connection heats the thermal element and makes a sound breaker trip early. Have the connection remade, then log again.';
export const theConnectionIsCool = 'The connection is cool';
export const noHotConnectionExplainsThe =
  'No hot connection explains the early trip. The decision above shows what to do.';
export const measureTheConnection = 'Measure the connection temperature first';
export const anEarlyTripDoesNotProve =
  'An early trip does not prove a bad breaker: a hot connection or hot neighbors also heat the thermal element. Measure the breaker face under load with the cover closed. Behind the cover it is work for an electrician.';
export const logATemperature = 'Log a temperature';
export const theBreakerIsWeak = 'the breaker is weak';
export const theBreakerIsSound = 'the breaker is sound';
export const theBreakerIsSluggish = 'the breaker is sluggish';
export const stillNotConclusive = 'still not conclusive';
export const noSafeTestCanDecideThis = 'No safe test can decide this';
export const onlyATestAboveWouldWhich = (limitAmps: string) =>
  `Only a test above ${limitAmps} would, which exceeds the breaker rating or the conductor’s ampacity. Do not do that here. Replace the breaker, or have it tested out of the panel.`;
export const together = (loads: string, amps: string) => `${loads}, ${amps} together`;
export const aSteady = (amps: string) => `a steady ${amps}`;
export const theBreakerMustBeOnAnd = 'The breaker must be on and holding first';
export const thenATestWouldDecideThis = (what: string, seconds: string) =>
  `Then a test would decide this: ${what}, for ${seconds}. Reset the breaker once (fully off, then on) after it has cooled and the cause of the trip is known.`;
export const logAReset = 'Log a reset';
export const aSafeTestWouldDecideThis = (what: string, seconds: string) =>
  `A safe test would decide this: ${what}, for ${seconds}`;
export const startWithTheBreakerColdAnd = (
  loadsCount: ReactNode,
  ifHeld: string,
  ifTripped: string,
  chance: string,
) =>
  rich`${loadsCount}Start with the breaker cold and nothing else on the circuit. If it holds: ${ifHeld}. If it trips: ${ifTripped}. Chance of a clear result: ${chance}. This current is within the breaker rating and the conductor’s ampacity.`;
export const plugInOneOrTwoHeaters = 'Plug in one or two heaters that draw this current. ';
export const stayWithThePanelAndFeel =
  'Stay with the panel and feel the breaker face with the back of your hand from time to time. If it sizzles, smells or gets too hot to touch, turn it off and stop.';
export const logThatItHeld = 'Log that it held';
export const logThatItTripped = 'Log that it tripped';
export const currentOverTimeComparedWithThe = (ratingAmps: string) =>
  `Current over time compared with the ${ratingAmps} rating`;
export const theChartShowsTheFirst = (to: string) => `The chart shows the first ${to}.`;
export const firstTripsInEachHour = (join: string) => `First trips in each hour: ${join}`;
export const hour = (hour: number, share: string) => `hour ${hour}: ${share}%`;
export const hourTitle = (hour: number, share: ReactNode) => rich`Hour ${hour}: ${share}`;
export const period = 'Period';
export const listTheLoadsOnThisCircuitWith =
  'List the loads on this circuit with their duty cycle and starting current, or open a recorded current.';
export const oneHour = '1 hour';
export const day = '1 day';
export const week = '1 week';
export const hours = (hours: number) => `${hours} hours`;
export const intervalsRepeatedToTheEnd = (loggedName: string, stretches: number) =>
  `${loggedName}: ${stretches} intervals, repeated to the end.`;
export const useTheListedLoads = 'Use the listed loads';
export const recordedCurrentCsv = 'Recorded current (CSV)';
export const theTableWasNotImportedIt =
  'The table was not imported. It needs two columns: time (s, or date and time) and current (A).';
export const highestCurrent = 'Highest current';
export const startingCurrentsIncluded = 'starting currents included';
export const sameHeatingAsASteady = 'Same heating as a steady';
export const loadChanges = 'Load changes';
export const asFarAsIsOnRecord = 'As far as is on record, all loads run without a break.';
export const enterTheDutyCycles = 'Enter the duty cycles';
export const tripTimeWithThisCurrent = 'Trip time with this current';
export const tripTimeWithEveryLoadStarting = 'Trip time with every load starting at the same time';
export const aSoundBreakerOnly = (fastestSeconds: ReactNode) => rich`A sound breaker: ${fastestSeconds}.`;
export const chanceOfATripHourBy = 'Chance of a trip, hour by hour';
export const holdsFor = (hours: string) => `holds for ${hours}`;
export const theSimulationRuns10000Breakers =
  'The simulation runs 10,000 breakers, each slightly different, with the loads at random points of their duty cycles.';
export const forAnySoundBreaker = 'For any sound breaker';
export const forThisBreaker = 'For this breaker';
export const cancel = 'Cancel';
export const canceledNoResultWasKept = 'Canceled. No result was kept.';
export const breakersSimulated = 'Breakers simulated';
export const thisBreakerByItsRecordThen = 'this breaker, by its record,';
export const chanceThatTripsWithin = (whose: string, byHourCount: string, share: ReactNode, low: ReactNode) =>
  rich`Chance that ${whose} trips within ${byHourCount}: ${share} ${low}`;
export const to95Confidence = (low: string, high: string) => `(${low} to ${high}, 95% confidence)`;
export const halfOfThoseThatTripDo = (medianSeconds: string) =>
  `Half of those that trip do so within ${medianSeconds}.`;
export const afterEachClearedShortCircuit = 'after each cleared short circuit';
export const onSignsOfWearOrAfter = 'on signs of wear, or after the second cleared short circuit';
export const onlyOnSignsOfWear = 'only on signs of wear';
export const times = (n: number) => `${n} times`;
export const handleOperations = 'Handle operations';
export const offOnAndTrips = 'off, on and trips';
export const thermalTrips = 'Thermal trips';
export const shortCircuitsCleared = 'Short circuits cleared';
export const electronicTrips = 'Electronic trips';
export const asFarAsKnown = 'as far as known';
export const lastOperated = 'Last operated';
export const notOnRecord = 'not on record';
export const yearsAgo = (toFixed: string) => `${toFixed} years ago`;
export const recommendation = 'Recommendation';
export const yourSettingsReplaceABreaker = (wear: string, afterDeadShort: string) =>
  `${wear} Your settings replace a breaker ${afterDeadShort}.`;
export const replaceThisBreakerAfterThe = (magneticTrips: string) =>
  `Replace this breaker after the short circuit is found and repaired. It has cleared a short circuit ${magneticTrips}.`;
export const thisBreakerCanStayItHas = (magneticTrips: string) =>
  `This breaker can stay. It has cleared a short circuit ${magneticTrips}.`;
export const noClearedShortCircuitIsOn = 'No cleared short circuit is on record.';
export const exerciseThisBreakerAtTheNext =
  'Exercise this breaker at the next maintenance: turn off its loads, then switch it off and on. A breaker that is never operated may fail to trip.';
export const theHandleWasOperatedWithinThe = 'The handle was operated within the last six months.';
export const countedFromTheLogOperations =
  'Counted from the log. Operations that nobody logged are not included. A reset counts as two operations (off and on), a trip as one.';
export const afterAtTheEarliestOrNever = (soonest: string) => `after ${soonest} at the earliest, or never`;
export const fromTo = (from: string, to: string) => `${from} to ${to}`;
export const itNeverTrips = 'it never trips';
export const itMayTripAfterAtThe = (soonest: string) => `it may trip, after ${soonest} at the earliest`;
export const itTrips = (soonest: string) => `it trips, ${soonest}`;
export const and = (join: string, at: string | undefined) => `${join} and ${at}`;
export const mostLikelyAbout = (p50: string) => `, most likely about ${p50}`;
export const hardlyBefore = (p05: string) => `, hardly before ${p05}`;
export const thatItNeverDoes = (never: string, middle: string, from: string) =>
  `${never} that it never does${middle}${from}`;
export const trippingTogether = (trips: string, starting: string) => `together: ${trips}${starting}.`;
