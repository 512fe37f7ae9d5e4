/**
 * A number of things in words.
 *
 * @param count how many
 * @param one the word for one
 * @param many the word for several, or none
 * @returns number and word
 * @example counted(2, 'round', 'rounds') // '2 rounds'
 */
export const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;
