export const theMustBeFrom2To = (what: string, mostcellsaside: number) =>
  `The ${what} must be from 2 to ${mostcellsaside} pixels.`;
export const theMustBeAWholeNumber = (what: string) => `The ${what} must be a whole number of pixels.`;
export const aTemperatureMustBeFrom40 = 'A temperature must be from −40 to 600 °C.';
export const theTemperatureMustBeANumber = 'The temperature must be a number.';
export const mustBeAbove0AndAt = (what: string) => `${what} must be above 0 and at most 1.`;
export const mustBeANumber = (what: string) => `${what} must be a number.`;
export const theEmissivitySetInTheCamera = 'The emissivity set in the camera';
export const theEmissivityOfTheSurface = 'The emissivity of the surface';
export const thePositionOfACornerMust = 'The position of a corner must be a number.';
export const theCornerIsTooFarOutside = 'The corner is too far outside the image.';
export const aBoardHasFourCorners = 'A board has four corners.';
export const enterTheCornersClockwiseFrom =
  'Enter the corners clockwise from the top left. The shape must not be dented.';
export const theMinimumRiseMustBeA = 'The minimum rise must be a number.';
export const theMinimumRiseMustBeFrom = 'The minimum rise must be from 0 to 600 °C.';
export const theMinimumSizeMustBeA = 'The minimum size must be a whole number of pixels.';
export const aHotSpotHasAtLeast = 'A hot spot has at least one pixel.';
export const aHotSpotCannotBeLarger = 'A hot spot cannot be larger than the image.';
export const theImageHasTooManyPixels = 'The image has too many pixels.';
export const theNumberOfSpacesMustBe = 'The number of spaces must be a whole number.';
export const aPanelHas2To84 = 'A panel has 2 to 84 spaces.';
export const theNumberOfSpacesMustBeEven = 'The number of spaces must be even.';
export const enterOneTemperaturePerPixel = 'Enter one temperature per pixel: width × height.';
export const theReflectedPartWouldExceedThe =
  'The reflected part would exceed the whole reading. Check the emissivity and the reflected temperature.';
