export const atOfTheRatingTheLoad = (point: string, leastShareToJudge: string) =>
  `At ${point} of the rating, the load is too low to scale to full load (at least ${leastShareToJudge}).`;
export const aboveSimilarPartsWithASimilar = (over: string, overPeersUrgentC: string) =>
  `${over} above similar parts with a similar load. More than ${overPeersUrgentC} calls for repair now.`;
export const aboveSimilarPartsWithASimilarLoad = (over: string, overPeersRepairSoonC: string) =>
  `${over} above similar parts with a similar load. More than ${overPeersRepairSoonC} calls for repair when possible.`;
export const atFullLoad = 'at full load';
export const evenAtThisLowLoad = 'even at this low load';
export const theRiseWouldBeAtLeast = (cautiousRise: string, where: string, riseAtRatingUrgentC: string) =>
  `The rise would be at least ${cautiousRise} ${where}. The limit for a standard breaker’s terminal is ${riseAtRatingUrgentC}.`;
export const theSurfaceIsAtMoreThan = (surface: string, surfaceUrgentC: string) =>
  `The surface is at ${surface}. More than ${surfaceUrgentC} is too hot at any load.`;
export const theIdMustNotBeEmpty = 'The id must not be empty.';
export const enterAtLeastOnePoint = 'Enter at least one point.';
export const enterAtMost500PointsAt = 'Enter at most 500 points at a time.';
