export const thisCalculationTakesTooLong = 'This calculation takes too long. Reduce the amount of input.';
