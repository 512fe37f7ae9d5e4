export const thisIsNotAnInfraredTemperature = 'This is not an infrared temperature file.';
export const theTemperatureFileIsDamagedOr = 'The temperature file is damaged or cut off.';
export const theFileIsTooLargeFor = 'The file is too large for an infrared image.';
export const theFileHasNoRowsOf = 'The file has no rows of temperatures.';
export const rowHasValuesButTheFirst = (uneven: number, length: number, width: number) =>
  `Row ${uneven} has ${length} values, but the first row has ${width}.`;
export const anInfraredImageHasAtLeast = 'An infrared image has at least two rows and two columns.';
export const anInfraredImageHasAtMost = (mostcellsaside: number, width: number, rowsCount: number) =>
  `An infrared image has at most ${mostcellsaside} pixels on each side. This one has ${width} × ${rowsCount}.`;
export const rowColumnIsNotANumber = (y: number, x: number) => `Row ${y}, column ${x} is not a number.`;
export const rowColumnIsNoCameraCan = (y: number, x: number, cell: number) =>
  `Row ${y}, column ${x} is ${cell}. No camera can read that. Check the unit.`;
export const theJsonInTheFileIs = 'The JSON in the file is incomplete: it is damaged or cut off.';
export const theFileHasNoMatrixA = 'The file has no matrix (a list of rows of numbers).';
