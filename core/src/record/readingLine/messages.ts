export const onlyOneFeelPerResetPut = 'Only one feel per reset. Put another reset on its own line.';
export const putTheCurrentOfATrip =
  'Put the current of a trip after a reset on its own line: “tripped at once at 40 A”.';
export const twoValuesWithASlashWork =
  'Two values with a slash work only for volts. Enter each value by itself.';
export const thisBreakerHasOnePole = 'This breaker has one pole.';
export const twoValuesMeanTheLegsOf =
  'Two values mean the legs of the main or the two poles of a breaker. Enter one value here.';
export const aTimeNeedsAnEventSuch =
  'A time needs an event, such as “tripped after 8 min” or “no trip 2 h at 14 A”.';
export const whichOneDoYouMean = (found: string) => `Which one do you mean: ${found}?`;
export const belongsToType = (first: number, upper: string, place: string) =>
  `${first} belongs to ${upper}. Type ${place}.`;
export const thereIsNoSuchBreakerHere = 'There is no such breaker here.';
export const noNameMatchesCompletelyDidYou = (listed: string) =>
  `No name matches completely. Did you mean ${listed}?`;
export const whichBreakerTypeItFirstSuch =
  'Which breaker? Type it first, such as “12:” or a name from the directory.';
export const whichUnitTypeItAfterThe = (temperature: string) =>
  `Which unit? Type it after the value, such as 118 V, 14.2 A, ${temperature} or 8 min.`;
export const thisPartIsNotUnderstoodSee = 'This part is not understood. See the examples, or use a form.';
export const theLineHasNoReadingType = 'The line has no reading. Type what you measured, saw or did there.';
export const isThisTheNameOfA =
  'Is this the name of a breaker or a finding? Type the breaker first, such as “12:”.';
export const thereIsNoMainInThis = 'There is no main in this panel.';
export const aLineHasOneTimePut = 'A line has one time. Put this on its own line.';
export const typeTheBreakerFirstSuchAs = 'Type the breaker first, such as “12: 14.2 A”.';
export const typeWhatHappenedSuchAsTripped = 'Type what happened, such as “tripped at once”.';
export const typeTheCurrentItCarriedAnd =
  'Type the current it carried and for how long, such as “no trip 2 h at 14 A”.';
export const whichReadingDoesThisBelongTo =
  'Which reading does this belong to? Type it next to that reading.';
export const theAmbientTemperatureNeedsA =
  'The ambient temperature needs a reading. Type the temperature you measured too.';
export const withinSeconds = 'within seconds';
export const withinMinutes = 'within minutes';
export const afterHours = 'after hours';
export const noClick = 'no click';
export const willNotLatch = 'will not latch';
export const tripsAtOnce = 'trips at once';
export const tripsWithinSeconds = 'trips within seconds';
export const tripsWithinMinutes = 'trips within minutes';
export const tripsAfterHours = 'trips after hours';
export const noLoad = 'no load';
export const everythingOn = 'everything on';
export const secondPole = 'pole 2';
export const legA = 'leg a';
export const legB = 'leg b';
export const ambC = (ambientC: string) => `amb ${ambientC} C`;
export const afterS = (seconds: string) => `after ${seconds} s`;
export const atA = (amps: string) => `at ${amps} A`;
export const noTripSAtA = (seconds: string, amps: string) => `no trip ${seconds} s at ${amps} A`;
export const handle = (position: string) => `handle ${position}`;
export const sAgo = (ms: number) => `${ms} s ago`;
export const thePlaceMustNotBeEmpty = 'The place must not be empty.';
export const enterAtMost20000Characters = 'Enter at most 20,000 characters at a time.';
export const enterAtMost1000Places = 'Enter at most 1000 places.';
export const thisIsNotOneOfThe = 'This is not one of the places.';
export const isMoreThanThisSupplyCan = (shown: string) =>
  `${shown} is more than this supply can deliver. Check the decimal point.`;
export const isTheRatingABreakerWould = (shown: string, ratingAmps: string, ratingAmps2: string) =>
  `${shown} is ${ratingAmps} the ${ratingAmps2} rating. A breaker would have tripped. Check the decimal point.`;
export const nothingInAPanelSurvivesDid = (shown: string) =>
  `Nothing in a panel survives ${shown}. Did you mean °F? Check the decimal point.`;
export const theReadingBeforeWasCheckThe = (shown: string, lastValue: string) =>
  `${shown}; the reading before was ${lastValue}. Check the decimal point.`;
