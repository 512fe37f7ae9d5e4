export const tooLarge = 'too large';
