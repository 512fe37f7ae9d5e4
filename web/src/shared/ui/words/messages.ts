export const enterANumber = 'Enter a number.';
