export const theFeedMustBe = 'The feed must be end or center.';
export const thePositionMustBe = 'The position must be opposite-end or other.';
export const theRatingMustBeStandard = 'The rating must be a standard rating from 15 to 400 A.';
export const theBusMustBeAbove0 = 'The bus rating must be above 0 A.';
export const nameAtLeastOneSource = 'Name at least one source.';
export const nameAtMost6Sources = 'Name at most 6 sources.';
export const nameAtMostBranchBreakers = (most: number) => `Name at most ${most} branch breakers.`;
export const aSourceNeedsABreakerOf = (id: string, breaker: string, output: string, least: string) =>
  `${id}: a ${breaker} breaker is too small for a source of ${output}. It needs ${least}, 125% of the output.`;
export const aSourceIsTooLarge = (id: string, output: string, largest: string) =>
  `${id}: 125% of ${output} is above the largest standard breaker, ${largest}.`;
export const theBusIsOverloaded = (bus: string) =>
  `No rule allows these sources on a ${bus} bus. Do not connect them here.`;
export const aSmallerMainWouldDo = (smaller: string) =>
  `With a ${smaller} main the bus would be within its rating. Check that the load of the panel allows it.`;
export const rule = {
  sum: 'Main and sources within the bus',
  'opposite-end': 'Main and source at opposite ends, within 120% of the bus',
  'all-breakers': 'All breakers within the bus',
};
export const ruleSays = (name: string, value: string, limit: string, isKept: boolean) =>
  `${isKept ? '✓' : '✕'} ${name}: ${value}, limit ${limit}.`;
export const oneRuleIsEnough = 'One rule that applies is enough.';
export const doesNotApply = (name: string) => `${name}: does not apply here.`;
