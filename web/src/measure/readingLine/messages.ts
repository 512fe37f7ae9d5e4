export const amb22c = '12: 118.4v 14.2a 41c amb 22c';
export const voltageAndCurrentAtBreaker12 =
  'voltage and current at breaker 12, its terminal temperature, ambient temperature';
export const term56Face48 = '5-7 term 56 face 48';
export const temperaturesOfATwoPoleBreaker = 'temperatures of a two-pole breaker: terminal, then face';
export const main12121198V = 'main 121.2/119.8 v';
export const bothSupplyLegsToNeutral = 'both supply legs to neutral';
export const across238v = '5-7 across 238v';
export const voltageFromPoleToPole = 'voltage from pole to pole';
export const aTandemUpperAndLower = 'a tandem, upper and lower';
export const kitchenCounter72AAt = 'kitchen counter 7.2 a at the plug';
export const byADirectoryNameAtThe = 'by a directory name; at the plug or the outlet';
export const mv = '12 34 mv';
export const voltageDropAcrossTheClosed = 'voltage drop across the closed breaker, in millivolts';
export const powerAtThePlugInMeter = 'power at the plug-in meter';
export const tripped8MinAt17a = '12 tripped 8 min at 17a';
export const aTripAfterHowLongAt = 'a trip: after how long, at what current; “immediately” works too';
export const noTrip2HAt14a = '12 no trip 2 h at 14a';
export const aHoldTheCurrentItCarried = 'a hold: the current it carried and for how long';
export const resetClicksHolds = '12 reset clicks, holds';
export const aResetHowTheHandleFelt = 'a reset: how the handle felt and what happened';
export const off = '12 off';
export const theHandlePosition = 'the handle position';
export const sizzles4TwoWires = '16 sizzles, 4 two wires';
export const somethingSeenHeardSmelledOr = 'something seen, heard, smelled or felt';
export const yesterday192012Tripped = 'yesterday 19:20 12 tripped';
export const timeOfTheReading20Min = 'time of the reading; “20 min ago”, a date, or a time of day';
export const noLoad114vEverythingOn = '12 118v no load, 114v everything on';
export const howMuchLoadWasOn = 'how much load was on';
export const examples = 'Examples';
export const itHeld = 'It held';
export const itTrippedAgain = 'It tripped again';
export const itWillNotLatch = 'It will not latch';
export const howSoonDidItTrip = 'How soon did it trip?';
export const whatDidTheResetDo = 'What did the reset do?';
export const whatIsTheAmbientTemperature = (temperatureUnit: string) =>
  `What is the ambient temperature there? (${temperatureUnit})`;
export const continueLabel = 'Continue';
export const asBefore = (lastAirC: string) => `${lastAirC}, as before`;
export const readingLine = 'Reading line';
export const closeTheReadingLine = 'Close the reading line';
export const notUnderstood = 'Not understood';
export const ifYouMeasuredAtAnOutlet = (mayNot: string) =>
  `${mayNot} If you measured at an outlet, type “outlet 118 v” or “7.2 a at the plug”.`;
export const pressEnterAgainToSaveThe = (join: string) =>
  `${join} Press Enter again to save the rest as shown.`;
export const save = 'Save';
export const noPanelHasBeenSetUp = 'No panel has been set up yet.';
export const panel = 'Panel';
export const understood = 'Understood';
export const enterSavesArrowUpRecalls = (here: string) =>
  `${here}Enter saves, arrow up recalls earlier lines, Esc closes.`;
export const withoutANumberTheLineApplies = (place: string, hereLabel: string) =>
  `Without a number, the line applies to ${place} ${hereLabel}. `;
export const startWithTheBreakerItsNumber =
  'Start with the breaker: its number, or a name from the directory. ';
export const notSaved = (message: string) => `Not saved: ${message}`;
export const keptHereUntilTheServerAnswers = 'Kept here until the server answers';
export const undone = 'Undone';
export const undo = 'Undo';
export const clicksCleanly = 'clicks cleanly';
export const neverClickedOff = 'never clicked off';
export const hardOrGritty = 'hard or gritty';
export const willNotLatch = 'will not latch';
export const trippedAgainImmediately = 'tripped again immediately';
export const trippedAgainWithinAMinute = 'tripped again within a minute';
export const trippedAgainWithinTheHour = 'tripped again within the hour';
export const trippedAgainAfterMoreThanAn = 'tripped again after more than an hour';
export const powerAtThePlugInMeterTitle = 'Power at the plug-in meter';
export const ambient = (air: string) => `ambient ${air}`;
export const after = (seconds: string) => `after ${seconds}`;
export const tripped = (soon: string) => `Tripped ${soon}`;
export const heldFor = (seconds: string) => `Held for ${seconds}`;
export const trippedAgain = (pace: string) => `tripped again ${pace}`;
export const reset = 'Reset';
export const handle = (position: string) => `Handle ${position}`;
export const notUnderstoodAndWillNotBe = (notUnderstoodCount: string) =>
  `${notUnderstoodCount} not understood and will not be saved.`;
export const onePartIs = 'One part is';
export const partsAre = (notUnderstoodCount: number) => `${notUnderstoodCount} parts are`;
