export const thePeakCurrentOnLegRises = (
  leg: string,
  p50: string,
  began: string,
  now: string,
  limit: string,
  mainAmps: string,
) =>
  `The peak current on leg ${leg} rises by about ${p50} a year: first ${began}, now ${now}. The limit is ${limit}, which leaves a quarter of the ${mainAmps} main to spare.`;
export const theBreakerTripsSoonerEachYear = (p50: string, began: string, now: string) =>
  `The breaker trips sooner each year, by about ${p50} at the same current: first ${began} after the earliest time of a sound breaker, now ${now} after it. The limit is that earliest time.`;
export const basedOnReadingsSince = (
  rate: string,
  reached: string,
  sortedCount: number,
  slice: string,
  probability: string,
  probability2: string,
) => `${rate} ${reached} Based on ${sortedCount} readings since ${slice}: ${probability}.${probability2}`;
export const measureAgainWithinSixMonthsTo = ' Measure again within six months to confirm it.';
export const itIsAtItsLimit = 'It is at its limit.';
export const itReachesTheLimitIn = (b: string | undefined) => `It reaches the limit in ${b}.`;
export const itReachesTheLimitInAbout = (
  b: string | undefined,
  a: string | undefined,
  c: string | undefined,
) => `It reaches the limit in about ${b} (${a} to ${c}).`;
export const breakerFace = 'Breaker face';
export const terminal = 'Terminal';
export const getsWarmerByAboutAYear = (
  point: string,
  p50: string,
  began: string,
  now: string,
  limit: string,
) =>
  `${point} gets warmer by about ${p50} a year at the same load: first ${began} above ambient, now ${now}. The limit is ${limit}.`;
