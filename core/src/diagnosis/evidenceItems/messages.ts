export const isWithinTheMeterErrorOf = (unit: string, error: string, limit: string) =>
  ` ${unit} ± ${error} is within the meter error of ${limit}.`;
