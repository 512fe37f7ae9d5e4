export const main = 'Main';
export const space = (space: number) => `Space ${space}`;
export const wholePanel = 'Whole panel';
export const at = (place: string, text: string) => `At ${place}: ${text}`;
export const openSlotAtSpace = (space: number) => `Open slot at space ${space}`;
export const haveAFillerPlateInstalled = 'Have a filler plate installed';
export const energizedPartsAreBehindTheOpen =
  'Energized parts are behind the open slot. Keep hands and objects away until it is closed.';
