export const theValueMustBeANumber = 'The value must be a number.';
export const inThePointMustBeOne = (unit: string, join: string) =>
  `In ${unit}, the point must be one of: ${join}.`;
