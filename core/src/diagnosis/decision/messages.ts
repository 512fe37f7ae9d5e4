export const dryHandsStandToOneSide =
  'Dry hands. Stand to one side and look away. Hold the breaker in place with your thumb.';
export const afterAnOverloadWaitAFew =
  'After an overload, wait a few minutes: the breaker must cool before it latches.';
export const turnOffTheMainAndLock =
  'Turn off the main and lock it out. Verify absence of voltage with a contact meter: known live source, work point, known live source. The line side of the main stays energized.';
export const solarABatteryAGeneratorOr =
  'Solar, a battery, a generator or a vehicle can feed the load side. Shut off and lock out each one.';
export const thisIsAMeasurementOnEnergized =
  'This is a measurement on energized parts. Wear PPE and change nothing.';
export const neverInstallALargerBreakerTo =
  'Never install a larger breaker to stop a trip: the breaker protects the conductor.';
export const doNotResetItAgainUntil =
  'Do not reset it again until the cause is found: each trip on a fault pits the contacts.';
export const thisBreakerMayNotOpenDe =
  'This breaker may not open. De-energize its circuit at the main, not here.';
export const leaveThisCircuitOffUntilThe = 'Leave this circuit off until the work is done.';
export const turningOffTheMainIsNot =
  'Turning off the main is not enough here. The utility or an upstream disconnect cuts the supply. Then verify absence of voltage: known live source, work point, known live source.';
export const untilTheOtherSourceIsFound =
  'Until the other source is found, treat this circuit as energized, whatever any handle shows.';
export const phylaxonAdvisesLocalCodesAnd = 'Phylaxon advises. Local codes and licensed practice decide.';
export const atMostThenStopAndFind = (into: string) => `At most ${into}. Then stop and find the cause.`;
export const atMostIntoASuspectedShort = (into: string, trialsOtherwise: string | undefined) =>
  `At most ${into} into a suspected short circuit, ${trialsOtherwise} otherwise.`;
export const anElectricianHasCheckedThe = 'An electrician has checked the breaker and logged the findings.';
export const noEntrySoFarSeparatesA = 'No entry so far separates a good breaker from a bad one.';
export const sizzlingMeansStopListenBefore = 'Sizzling means stop. Listen before you touch anything.';
export const aSmellOfHotPlasticMeans = 'A smell of hot plastic means stop.';
export const aTrippedBreakerCanLookOn = 'A tripped breaker can look on.';
export const thisShowsWithTheCoverClosed = 'This shows with the cover closed whether the circuit has power.';
export const thisShowsHowMuchCurrentThe = 'This shows how much current the breaker carries.';
export const heatIsTheFirstSignOf = 'Heat is the first sign of a failing connection.';
export const theBreakerMustSuitItsConductor = 'The breaker must suit its conductor.';
export const lookListenAndSmellBeforeAnyone = 'Look, listen and smell before anyone touches a handle.';
export const anyOfTheReadingsBelow = 'Any of the readings below.';
export const theLoadIsIfItIs = (load: string, ratingAmps: string) =>
  `The load is ${load}. If it is slightly lower, within the meter error, the ${ratingAmps} breaker is the right size.`;
export const measureTheLoadAgainBeforeYou = (load: string) =>
  `Measure the load again before you resize: ${load} is too close to the limit`;
export const clampTheConductorAtThePanel =
  'Clamp the conductor at the panel, or measure each appliance with a plug-in meter, with everything on.';
export const useTheMoreAccurateMeterZero = 'Use the more accurate meter. Zero a clamp meter first.';
export const aReadingClearOfTheLimit = 'A reading clear of the limit.';
export const theLoadsThatActuallyRun = 'The loads that actually run together decide.';
export const thisTestTellsFrom = (id: string, id2: string) => `This test tells “${id}” from “${id2}”.`;
export const then = (test: string, headline: string) => `${test}: then “${headline}”.`;
export const aReadingThatContradictsOneOf = 'A reading that contradicts one of those above.';
export const moreOften = 'more often';
export const lessOften = 'less often';
export const inEarlierConfirmedCasesThisWas = (cases: number, often: string, times: string) =>
  `In ${cases} earlier confirmed cases, this was the cause ${often} than usual, so its starting likelihood is ${times} times the value in the table.`;
export const itsTerminal = 'its terminal';
export const theConductorSize = 'the conductor size';
export const theBusStab = 'the bus stab';
export const and = (join: string, at: string | undefined) => `${join} and ${at}`;
export const notInspectedBehindThePanel = (parts: string, partsCount: string, insideMonths: number) =>
  `Not inspected: ${parts}, behind the panel cover. Have an electrician inspect ${partsCount} within ${insideMonths} months.`;
export const theBreakerTrippedForAKnown = 'The breaker tripped for a known cause, and the cause is gone.';
export const evidenceAgainst = 'Evidence against: ';
export const thisIsBasedOnOneObservation =
  'This is based on one observation. Check again before anything is cut or removed.';
export const severalCausesArePossibleAndThe = (join: string) =>
  `Several causes are possible, and the work is the same for all: ${join}.`;
export const noMoreResetsUntilTheCause = 'No more resets until the cause is found';
export const theBreakerTrippedAgainAfter = (
  failedCount: number,
  failedCount2: string,
  limit: number,
  short: string,
) =>
  `The breaker tripped again after ${failedCount} ${failedCount2}. Your settings allow ${limit}${short}. Every trip wears the contacts.`;
export const intoASuspectedShortCircuit = ' into a suspected short circuit';
export const findAndRemoveTheCauseThen = 'Find and remove the cause. Then reset the breaker once.';
export const tryingTheSuspectAppliance =
  'Trying the suspect appliance elsewhere shows the cause without another trip here.';
export const nameplatesOrAPlugInMeter =
  'Nameplates or a plug-in meter show an overload without another trip.';
export const withTheCircuitDeEnergizedThis =
  'With the circuit de-energized, this test finds a short circuit without another trip.';
export const removeTheKnownCauseFirstThen = 'Remove the known cause first, then reset';
export const theCauseOfTheTripIs =
  'The cause of the trip is known and still present. The breaker would trip again.';
export const removeTheCauseLogTheReset = 'Remove the cause. Log the reset with the cause removed.';
export const resetAfterTheCauseIsRemoved = 'Reset after the cause is removed.';
export const stillWarmLetTheBreakerCool = 'Still warm: let the breaker cool, then check again';
export const theFaceIsCoolThenReset = 'The face is cool. Then reset the breaker.';
export const ifTheBreakerStaysWarmWithout =
  'If the breaker stays warm without load, check its connections and the neighboring breakers.';
export const aWarmBreakerMayNotLatch = 'A warm breaker may not latch. Heat with no load is a warning sign.';
export const verySure = 'very sure';
export const fairlySure = 'fairly sure';
export const notSure = 'not sure';
export const alsoMakesASoundBreakerTrip = (otherName: string) =>
  `: “${otherName}” also makes a sound breaker trip early`;
export const withEverythingElseOnRecordIt = (weak: string, why: string) =>
  ` With everything else on record it is ${weak}${why}.`;
export const sureThatItTripsBelowIts = (weak: string) => `${weak} sure that it trips below its rating.`;
export const sureThatItTripsWithinThe = (sound: string) =>
  `${sound} sure that it trips within the range of a sound breaker.`;
export const sureThatIt = (sluggish: string, tripsCount: string) => `${sluggish} sure that it ${tripsCount}.`;
export const tripsTooLate = 'trips too late';
export const failsToTripWhenItMust = 'fails to trip when it must';
export const notConclusiveYetOpenTripCurve =
  'Not conclusive yet. Open “Trip analysis” for a safe test that would decide.';
export const tripsFromSteadyCurrent = 'lowest steady current that trips it';
export const aBreakerWouldSuitThisLoad = (recommendedAmps: string, ratingAmps: string) =>
  `A ${recommendedAmps} breaker would suit this load and conductor better than ${ratingAmps}`;
export const leaveItOffThisConductorIs = 'Leave it off: this conductor is too small for any breaker here';
export const removeAtLeastFromThisCircuit = (over: string) => `Remove at least ${over} from this circuit.`;
export const replaceItWithABreakerListed = 'Replace it with a breaker listed for this panel';
export const replaceThisBreakerAndMoveIt = 'Replace this breaker, and move it off the burned bus stab';
export const notTheBreakerAShortCircuit = 'Not the breaker: a short circuit in the wiring. Do not reset it';
export const notTheBreakerTheWiringIs = 'Not the breaker: the wiring is open downstream';
export const notTheBreakerTheMotorS = 'Not the breaker: the motor’s starting current';
export const haveTheMotorAndItsStart =
  'Have the motor and its start capacitor checked. A worn one draws more current for longer.';
export const giveTheMotorADedicatedCircuit = 'Give the motor a dedicated circuit.';
export const askAnElectricianWhetherThis =
  'Ask an electrician whether this type of breaker suits a motor. Never use a larger rating than the conductor allows.';
export const readTheApplianceNameplateFirst =
  'Read the appliance nameplate first. A motor-compressor nameplate may allow this breaker. Enter it with the circuit.';
export const installABreakerInsteadOf = (toAmps: string, ratingAmps: string) =>
  `Install a ${toAmps} breaker instead of ${ratingAmps}`;
export const installABreakerNowTheLoad = (toAmps: string, decision: string) =>
  `Install a ${toAmps} breaker now; the load needs ${decision}`;
export const aSecondCircuit = 'a second circuit';
export const aLargerConductor = 'a larger conductor';
export const untilThenKeepTheLoadBelow = (toAmps: string) => `Until then, keep the load below ${toAmps}.`;
export const aBreakerProtectsTheConductor = (toAmps: string, loadAmps: string) =>
  `A ${toAmps} breaker protects the conductor until then. It cannot carry the whole load of ${loadAmps}.`;
export const unplugEverythingThenResetOnce = 'Unplug everything, then reset once';
export const measureTheSupplyNext = 'Measure the supply next';
export const followTheVoltageMeasureThe = 'Follow the voltage: measure the breaker’s load terminal next';
export const inspectTheTerminalNext = 'Inspect the terminal next';
export const measureTheTemperatureNext = 'Measure the temperature next';
export const checkTheIndicatorLightIfIt =
  'Check the indicator light: if it is out, the device no longer protects';
export const findOutWhyItTripped = 'Find out why it tripped';
export const measureThisNext = 'Measure this next';
export const noReadingsYetLookAndMeasure = 'No readings yet: look and measure';
