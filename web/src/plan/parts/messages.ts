export const tandemBreakers = 'Tandem breakers';
export const smallParts = 'Small parts';
export const bringAlong = 'Bring along';
export const theSite = 'The site';
export const partsList = 'Parts list';
export const noPartsYetRecommended =
  'No parts yet. Recommended replacements and planned changes appear here.';
export const print = 'Print';
export const saveAsCsv = 'Save as CSV';
export const theSameManufacturerIsNotEnough =
  'The same manufacturer is not enough: family and series must match the panel label. If a family is discontinued, ask its manufacturer for the listed replacement. Take the old breaker or a photo of it along.';
export const unitPrice = (what: string) => `Unit price: ${what}`;
export const total = 'Total';
export const to = (from: string, to: string) => `${from} to ${to}`;
export const andWithoutAPrice = (unpriced: number, unpriced2: string) =>
  ` and ${unpriced} ${unpriced2} without a price`;
export const linesWithoutAPriceUseTypical =
  'Lines without a price use typical prices. Enter your own for an exact total.';
export const currency = 'Currency';
export const forLabel = (forWhat: string) => `For ${forWhat}`;
export const breakers = 'Breakers';
export const conductor = 'Conductor';
export const fillerPlates = 'Filler plates';
