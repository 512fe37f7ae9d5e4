export const aAnAndAreAtDead =
  'a an and are at dead does dont gone has in is it its my no not of off on or out power room s the there to up whole works';
export const itWasTrippedWhenLastLogged = 'it was tripped when last logged';
export const itWasOffWhenLastLogged = 'it was off when last logged';
export const itHasTrippedBefore = 'it has tripped before';
export const itHasTrippedTimesBefore = (trips: number) => `it has tripped ${trips} times before`;
export const itIsHeavilyLoaded = 'it is heavily loaded';
export const theDirectoryNameMatches = 'the directory name matches';
export const butWorks = (name: string) => `but ${name} works`;
export const itWasNamed = 'it was named';
export const isDead = (name: string) => `${name} is dead`;
export const after = (afterSeconds: string) => `after ${afterSeconds}`;
export const at = (amps: string) => ` at ${amps}`;
export const withEverythingUnplugged = ' with everything unplugged';
export const withOnlyConnected = (join: string) => ` with only ${join} connected`;
export const theHandleWas = (position: string | null) => `The handle was ${position}.`;
export const itCarriedForAndHeld = (amps: string, afterSeconds: string) =>
  `It carried ${amps} for ${afterSeconds} and held.`;
export const itTripped = (soon: string, at: string, bare: string) => `It tripped ${soon}${at}${bare}.`;
export const itTrippedAgain = (soon: string, at: string) => `: it tripped again ${soon}${at}`;
export const itHeld = ': it held';
export const theMain = 'the main';
export const space = (breaker: string) => `space ${breaker}`;
export const doNotTurnItOnUntil = 'Do not turn it on until the fault is repaired.';
export const doNotTurnItOnEven = 'Do not turn it on, even for important loads.';
export const doNotOpenThePanelCover = 'Do not open the panel cover. Only a qualified person may.';
export const theHandleOfATrippedBreaker =
  'The handle of a tripped breaker can sit in the middle, look off, or look on. Push it lightly to find out.';
export const theBreakerTripsWithItsLoads =
  'The breaker trips with its loads connected and holds without them. These tests find the faulty load in the fewest steps.';
export const checkThePanelWithTheCover =
  'Check the panel with the cover closed before you touch a handle: look, listen, smell, and feel for heat.';
export const thisTestTellsFrom = (id: string, id2: string) => `This test tells “${id}” from “${id2}”.`;
export const theTimeAndTheDuration = 'The time and the duration.';
export const whatWasRunningAndWhatHad = 'What was running, and what had just been turned on or off.';
export const rainWindOrHeatThatDay = 'Rain, wind or heat that day.';
export const nextTimeTheLightsFlickerWrite = 'Next time the lights flicker, write down';
export const whichLightsOneRoomOneCircuit =
  'Which lights: one room, one circuit, or the whole house, and whether any got brighter.';
export const nextTimeItTripsWriteDown = 'Next time it trips, write down';
export const theTimeAndHowLongThe = 'The time, and how long the breaker had been on.';
export const nextTimeItIsDeadWrite = 'Next time it is dead, write down';
export const whatElseIsDeadAndWhat = 'What else is dead, and what nearby still works.';
export const theHandlePosition = 'The handle position.';
export const nextTimeYouNoticeItWrite = 'Next time you notice it, write down';
export const theExactPlaceThePanelWhich = 'The exact place: the panel, which breaker, an outlet or a switch.';
