export const enterAtMost20EarlierIntervals = 'Enter at most 20 earlier intervals.';
export const thirtyMinutes = '30 min';
export const fifteenMinutes = '15 min';
export const ninetyMinutes = '90 min';
export const oneMinute = '1 min';
export const enterACurrentSuchAs27 = 'Enter a current, such as 27 A.';
export const whichCurrentDoYouMeanEnter = (join: string) =>
  `Which current do you mean: ${join}? Enter how long the other one ran before, such as “1 h at 15 A”.`;
export const partOfThisIsNotUnderstood =
  'Part of this is not understood. Type it like “27 A after 1 h at 15 A at 40 °C”.';
