export const theMain = 'the main';
export const soundsAndSmells = 'sounds and smells';
export const conditionInsideThePanel = 'condition inside the panel';
export const legCurrents = 'leg currents';
export const heatUnderLoad = 'heat under load';
export const breakerBehavior = 'breaker behavior';
export const independentKindsOfEvidence = (failingKindsCount: number, failingKinds: string) =>
  `${failingKindsCount} independent kinds of evidence point to a failing panel: ${failingKinds}.`;
export const onlyOneKindOfEvidencePoints = (failingKinds: string, wouldSettle: string) =>
  `Only one kind of evidence points to a failing panel: ${failingKinds}. One kind is not enough to condemn a panel. Still missing: ${wouldSettle}.`;
export const replaceThePanelNowTheFindings =
  'Replace the panel now: the findings are a fire or shock hazard.';
export const leaveThePanelOffUntilIt =
  'Leave the panel off until it is repaired: the findings are a fire or shock hazard.';
export const notInspectedYet = (notLookedAt: string) => `Not inspected yet: ${notLookedAt}.`;
export const isListedTwice = (id: string) => `“${id}” is listed twice.`;
export const theEvidenceMustBeAList = 'The evidence must be a list.';
export const enterEachSignOnce = 'Enter each sign once.';
export const heating = 'Heating';
export const cooling = 'Cooling';
export const makesUpOfItsConnectedLoad = (words: string, percent: number, name: string) =>
  `${words} makes up ${percent}% of its connected load, so it carries most in ${name}.`;
export const at = (words: string, places: string) => `${words} at ${places}.`;
export const sizzlingOrCracklingLogged = 'Sizzling or crackling logged';
export const smellOfHotPlasticLogged = 'Smell of hot plastic logged';
export const steadyHumLogged = 'Steady hum logged';
export const noSoundWhenChecked = 'No sound when checked';
export const discoloredOrMelted = 'Discolored or melted';
export const corrodedLugs = 'Corroded lugs';
export const discoloredOrMeltedTerminalsAt = (places: string) =>
  `Discolored or melted terminals at ${places}.`;
export const pittedOrBurnedBusStabAt = (places: string) => `Pitted or burned bus stab at ${places}.`;
export const twoConductorsUnderOneScrew = 'Two conductors under one screw';
export const condensationOrRust = 'Condensation or rust';
export const recordedAsOpenWithoutAFiller = (openHoles: number, openHoles2: string) =>
  `${openHoles} ${openHoles2} recorded as open, without a filler plate.`;
export const spaceIs = 'space is';
export const spacesAre = 'spaces are';
export const legALegB = (a: string, b: string) => `leg A ${a}, leg B ${b}`;
export const measuredRating = (over: string, ratingAmps: string) => `Measured ${over}; rating ${ratingAmps}.`;
export const firstReadingLatest = (first: string, last: string) => `First reading ${first}, latest ${last}.`;
export const measured = (newest: string) => `Measured ${newest}.`;
export const aboveSimilarParts = (atName: string, overPeersC: string) =>
  `${atName} ${overPeersC} above similar parts`;
export const connectionsMeasuredUnderLoad = (underLoadCount: number, limit: string) =>
  `${underLoadCount} connections measured under load, none more than ${limit} above similar ones.`;
export const trippedWithinMinutesOfEach = (map: string, togetherSeconds: number, togetherCount: number) =>
  `${map} tripped within ${togetherSeconds} minutes of each other, ${togetherCount} times.`;
export const heldLongerThanAnySoundBreaker = (map: string) =>
  `${map} held longer than any sound breaker may.`;
export const stillEnergizedWithTheMainOff = 'Still energized with the main off';
export const turnedOffAndMeasuredDead = (places: string) => `Turned off and measured dead: ${places}.`;
export const breakerNotListedForThisPanel = 'Breaker not listed for this panel';
export const neutralOnTheWrongBarAt = (places: string) => `Neutral on the wrong bar at ${places}.`;
export const loggedAsMoreThan40Years = 'Logged as more than 40 years old';
export const loggedAsAWithdrawnFamily = 'Logged as a withdrawn family';
export const recordedWithoutASingleMain = 'Recorded without a single main.';
export const noFullSpaceIsFreeAccording = 'No full space is free, according to the record.';
export const loggedAtThePanel = 'Logged at the panel.';
