export const didYouMeanOrUseA = (whole: string, rest: string, whole2: string, rest2: string) =>
  `Did you mean ${whole}${rest} or ${whole2}.${rest2}? Use a decimal point, or leave out the comma.`;
export const useOneDecimalPointOrComma =
  'Use one decimal point or comma, and no separator between thousands.';
