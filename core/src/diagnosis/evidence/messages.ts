export const breakerFace = 'Breaker face';
export const terminal = 'Terminal';
export const ofItFromItsOwnElectronics = (ownHeatC: string) =>
  ` (${ownHeatC} of it from its own electronics)`;
export const atAboveAmbient = (point: string, surfaceC: string, surfaceC2: string) =>
  `${point} at ${surfaceC}, ${surfaceC2} above ambient`;
export const aReadingBelowAmbientUnderLoad = (sentence: string) =>
  `${sentence}: a reading below ambient under load is wrong. Put a strip of tape on bare metal and measure again.`;
export const thatIsLowForTheLoad = 'That is low for the load it carries.';
export const andNoHotterThanSimilarBreakers = (sentence: string, itsOwn: string) =>
  `${sentence}${itsOwn} and no hotter than similar breakers with a similar load.`;
export const andAboveSimilarBreakersWithA = (sentence: string, itsOwn: string, over: string, limit: string) =>
  `${sentence}${itsOwn} and ${over} above similar breakers with a similar load (limit ${limit}).`;
export const aboveSimilarBreakers = 'above similar breakers';
export const theBreakerFaceIsAtToo = (surfaceC: string) =>
  `The breaker face is at ${surfaceC}: too hot to hold for three seconds.`;
export const isolatedTheBreakerTripsWith = (found: string) =>
  `Isolated: the breaker trips with “${found}” connected and holds without it.`;
export const itTrippedAfterHoursAtA = (amps: string, ratingAmps: string, limit: string) =>
  `It tripped after hours at ${amps}. A continuous load on a ${ratingAmps} breaker may be at most ${limit}.`;
export const itTrippedAtOfItsRating = (amps: string, share: string, ratingAmps: string) =>
  `It tripped at ${amps}, ${share} of its ${ratingAmps} rating.`;
export const currentAtTheTrip = 'current at the trip';
export const clampReadingOnItsConductor = 'Clamp reading on its conductor';
export const plugInMeter = 'Plug-in meter';
export const allConnectedLoadsByNameplate = 'All connected loads, by nameplate';
export const ofItsRating = (how: string, amps: string, share: string, ratingAmps: string, sentence: string) =>
  `${how}: ${amps}, ${share} of its ${ratingAmps} rating.${sentence}`;
export const connectedLoad = 'connected load';
export const shareOfRating = 'share of rating';
export const closedItDropsAtTimesThe = (millivolts: string, amps: string, times: string, limit: string) =>
  `Closed, it drops ${millivolts} at ${amps}: ${times} times the drop of similar breakers at that current${limit}.`;
export const limitTimes = (limit: number) => ` (limit ${limit} times)`;
export const voltageDropAcrossTheBreaker = 'voltage drop across the breaker';
export const aCircuitWiredWithMayHave = (conductor: string, maxBreakerAmps: string, ratingAmps: string) =>
  `A circuit wired with ${conductor} may have a breaker of at most ${maxBreakerAmps} here. This one is ${ratingAmps}.`;
export const aSoundBreakerCarriesThat = 'a sound breaker carries that indefinitely';
export const aSoundBreakerTripsAfterAt = (fast: string) =>
  `a sound breaker trips after ${fast} at the earliest, or never`;
export const aSoundBreakerTripsBetweenAnd = (fast: string, slow: string) =>
  `a sound breaker trips between ${fast} and ${slow}`;
export const after = (afterSeconds: string) => `after ${afterSeconds}`;
export const at = (amps: string) => ` at ${amps}`;
export const itTripped = (when: string, load: string, unplugged: string) =>
  `It tripped ${when}${load}${unplugged}`;
export const withEverythingUnplugged = ' with everything unplugged';
export const trippedAfter = 'tripped after';
export const oneTripIsOnRecord = 'One trip is on record.';
export const tripsAreOnRecord = (tripsCount: number) => `${tripsCount} trips are on record.`;
export const afterAResetWithEverything = 'After a reset with everything unplugged, it holds.';
export const afterTheResetItHolds = 'After the reset it holds.';
export const itDoesNotLatchEvenWith = 'It does not latch, even with everything unplugged.';
export const powerCameBackWithTheReset = 'Power came back with the reset.';
export const stillDeadAfterTheReset = 'Still dead after the reset.';
export const itClicksCleanlyFullyOffAnd = 'It clicks cleanly, fully off and back on.';
export const itWasNotFullyResetThe = 'It was not fully reset: the handle never clicked at off.';
export const theHandleIsStiffOrGritty = 'The handle is stiff or gritty.';
export const itDoesNotLatch = 'It does not latch.';
export const theHandleIsOn = 'The handle is on.';
export const theHandleIsOff = 'The handle is off.';
export const itHasTripped = 'It has tripped.';
export const aSurgeProtectiveDeviceHasNo =
  'A surge protective device has no trip curve, so this entry says nothing about it.';
export const theModelCoversRatingsFrom10 = 'The model covers ratings from 10 to 225 A.';
export const theCurrentIsNotKnownSo =
  'The current is not known, so this entry says nothing about the breaker.';
export const noCurrentWasFlowingSoThis =
  'No current was flowing, so this entry says nothing about the breaker.';
export const theHoldingTimeIsNotKnown =
  'The holding time is not known, so this entry says nothing about the breaker.';
export const itsElectronicsMayHaveTrippedIt =
  'Its electronics may have tripped it, so this entry says nothing about the thermal element.';
export const theCauseIsKnownAndRemoved =
  'The cause is known and removed, so this entry says nothing about the breaker.';
export const anImmediateOrInstantaneousTrip =
  'An immediate or instantaneous trip says nothing about the thermal element.';
export const theBreakerHadNotCooledSince =
  'The breaker had not cooled since the trip before, so this entry is not conclusive by itself.';
export const afterSpaced = (afterSeconds: string) => ` after ${afterSeconds}`;
export const tooEarly = 'Too early';
export const tooLate = 'Too late';
export const consistentWithASoundBreaker = 'Consistent with a sound breaker';
export const itTrippedAt = (verdict: string, when: string, amps: string, sound: string) =>
  `${verdict}: it tripped${when} at ${amps}; ${sound}.`;
export const itHeldFor = (late: string, amps: string, afterSeconds: string, sound: string) =>
  `${late}: it held ${amps} for ${afterSeconds}; ${sound}.`;
export const byItTripsFromSteadyTo = (
  by: string,
  p50: string,
  p05: string,
  p95: string,
  ratingAmps: string,
  ratingAmps2: string,
  ratingAmps3: string,
) =>
  `By ${by} it trips from ${p50} steady (${p05} to ${p95}). A sound ${ratingAmps} breaker trips from ${ratingAmps2} to ${ratingAmps3}.`;
export const loadTerminalFirstPole = 'load terminal, first pole';
export const loadTerminal = 'load terminal';
export const loadTerminalSecondPole = 'load terminal, second pole';
export const theBreakerHasNoOutputAt = (values: string) =>
  `The breaker has no output: ${values} at its load terminal with the handle on.`;
export const onePoleIsDeadAtThe = (values: string) =>
  `One pole is dead: ${values} at the two load terminals with the breaker on.`;
export const itsLoadTerminalReadsWithThe = (values: string, sentence: string) =>
  `Its load terminal reads ${values} with the handle on.${sentence}`;
export const toV = (lowest: number | undefined, highest: number | undefined) => `${lowest} to ${highest} V`;
export const theOutletReads = (readingValue: string, outcome: string, sentence: string) =>
  `The outlet reads ${readingValue}${outcome}.${sentence}`;
export const normalIs = (normal: string) => `; normal is ${normal}`;
export const theBreakerIsOffButIts = (readingValue: string) =>
  `The breaker is off, but its output reads ${readingValue}: welded contacts, the wrong breaker, or another source.`;
export const withTheBreakerOffTheOutput = (readingValue: string) =>
  `With the breaker off, the output is dead as it should be: ${readingValue}.`;
export const legALegB = (aValue: string, bValue: string) => `leg A ${aValue}, leg B ${bValue}`;
export const bothSupplyLegsAreDead = (legs: string) => `Both supply legs are dead: ${legs}.`;
export const oneSupplyLegIsDead = (legs: string) => `One supply leg is dead: ${legs}.`;
export const theTwoLegsDifferByMore = (aValue: string, legs: string, legsUnequal: string) =>
  `The two legs differ by ${aValue} (${legs}). More than ${legsUnequal} points to a bad supply neutral.`;
export const bothSupplyLegsReachThePanel = (legs: string) => `Both supply legs reach the panel: ${legs}.`;
export const legAToNeutral = 'leg A to neutral';
export const legBToNeutral = 'leg B to neutral';
export const theBreakerThatFeedsThisPanel = (legs: string) =>
  `The breaker that feeds this panel is on: ${legs} arrive.`;
