export const notTracedYet = 'Not traced yet';
export const no = 'No';
export const yes = 'Yes';
export const upTo = (most: string) => `up to ${most}`;
