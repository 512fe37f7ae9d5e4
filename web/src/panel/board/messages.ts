export const backInItsOldSpace = 'Back in its old space.';
export const not = (place: string, problem: string) => `Not ${place}: ${problem}`;
export const toSwappingWithTheBreakerThere = (place: string) =>
  `To ${place}, swapping with the breaker there.`;
export const to = (place: string) => `To ${place}.`;
export const movedTo = (place: string) => `Moved to ${place}.`;
export const pickedUp = (entry: string) => `Picked up: ${entry}.`;
export const leftInItsOldSpace = 'Left in its old space.';
export const toAsAPlan = (place: string) => `To ${place}, as a plan.`;
export const dragABreakerToAnotherSpace =
  'Drag a breaker to another space. With the keyboard: press Space to pick it up, the arrow keys to move it, and Space to drop it.';
export const planOnlyNothingChangesYetAnd =
  'Plan only: nothing changes yet, and breakers in the way move first';
export const pressSpaceToPickItUp =
  'Press Space to pick it up, the arrow keys to move it, Space to drop it, Escape to cancel.';
export const busSplitHere = 'Bus split here';
export const panelTools = 'Panel tools';
export const undoCtrlZ = (undoLabel: string) => `Undo: ${undoLabel} (Ctrl+Z)`;
export const undo = (undoLabel: string) => `Undo: ${undoLabel}`;
export const undoLabel = 'Undo';
export const redoCtrlShiftZ = (redoLabel: string) => `Redo: ${redoLabel} (Ctrl+Shift+Z)`;
export const redo = (redoLabel: string) => `Redo: ${redoLabel}`;
export const redoLabel = 'Redo';
export const arrangeBreakers = 'Arrange breakers';
export const done = 'Done';
export const arrange = 'Arrange';
export const setUpThisPanel = 'Set up this panel';
export const setUp = 'Set up';
export const printTheBoard = 'Print the board';
export const main = 'Main';
export const circuitNotNamed = 'Circuit not named';
export const mainBreaker = 'Main breaker';
export const space = (breaker: string) => `Space ${breaker}`;
export const circuitNotNamedInline = 'circuit not named';
export const oneOfTheHandlesThatShut = 'one of the handles that shut off this panel';
export const handleTieToItsNeighbor = 'handle tie to its neighbor';
export const feeds = (feedsName: string) => `feeds ${feedsName}`;
export const handle = (handle: string) => `handle ${handle}`;
export const load = (share: string, by: string) => `load ${share}${by}`;
export const byNameplate = ' by nameplate';
export const warm = (overPeersC: string) => `${overPeersC} warm`;
export const shutsOff = 'shuts off';
export const openSlot = 'open slot';
export const fillerPlate = 'filler plate';
export const anOpenSlotItNeedsA = 'an open slot: it needs a filler plate';
export const spaceInstallABreaker = (space: number | null, cover: string, planned: string) =>
  `Space ${space}, ${cover}${planned}: install a breaker`;
export const planned = (planned: string) => `, planned: ${planned}`;
export const plannedInline = (planned: string) => `planned: ${planned}`;
export const otherHalf = (entry: string) => `${entry}, other half`;
export const breakersOf = (panelName: string) => `Breakers of ${panelName}`;
export const arrowKeysMoveBetweenBreakers = (panel: string) =>
  `${panel}. Arrow keys move between breakers, Enter opens one.`;
export const decision = (headline: string) => `decision: ${headline}`;
export const stopHeadline = (headline: string) => `Stop. ${headline}`;
