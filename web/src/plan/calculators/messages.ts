export const calculators = 'Calculators';
export const calculator = 'Calculator';
export const whatTheyAreFor =
  'Quick answers without a panel or a record. What you enter stays in the address, so you can share the link.';
export const result = 'Result';
export const enterAFigure = 'Enter a figure.';
export const withUnit = (label: string, unit: string) => `${label} (${unit})`;
export const source = (text: string) => `Source: ${text}.`;
export const localCodesDecide = 'Local codes and licensed practice decide.';
export const start = 'Start';
export const saveInTheRecord = 'Save this result with a breaker';
export const breakerIn = (panel: string) => `Breaker in ${panel}`;
export const saveAsANote = 'Save as a note';
export const savedAsANote = 'Saved as a note';
