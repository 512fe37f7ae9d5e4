export const thePoleMustBe1Or = 'The pole must be 1 or 2.';
export const nameAtLeastOnePlaceTo = 'Name at least one place to work on.';
export const enterAtMost84Places = 'Enter at most 84 places.';
export const enterAtMost20OtherSources = 'Enter at most 20 other sources.';
export const enterAtMost400Facts = 'Enter at most 400 facts.';
export const theMainCannotBeWorkedOn =
  'The main cannot be worked on in this visit: its line side stays energized.';
export const loadSideOfTheMain = 'Load side of the main';
export const at = (id: string) => `At ${id}`;
export const readsVItIsEnergizedThe = (id: string, volts: number) =>
  `${id} reads ${volts} V: it is energized. The main did not open, this is the wrong panel, or another source feeds it. Take your hands out, put the cover on, and stay out.`;
export const readsVWithTheBreakerOn = (id: string, volts: number, from: number, to: number) =>
  `${id} reads ${volts} V with the breaker on, not ${from} to ${to} V: the repair did not work.`;
