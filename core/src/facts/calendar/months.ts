const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

/**
 * Month that a word names: in full, by its first three letters, or “sept”.
 *
 * @param word lower case
 * @returns 0 for January to 11 for December; −1: it names none
 * @example monthNamed('sept') // 8
 */
export function monthNamed(word: string): number {
  return MONTHS.findIndex(
    (name) =>
      name === word ||
      (word.length === 3 && name.startsWith(word)) ||
      (word === 'sept' && name === 'september'),
  );
}
