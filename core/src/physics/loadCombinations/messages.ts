export const enterAtMostLoadsEachLoad = (mostloads: number) =>
  `Enter at most ${mostloads} loads. Each load doubles the number of combinations.`;
