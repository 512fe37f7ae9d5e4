export const theBreakerHasTripped =
  'The breaker has tripped immediately twice with everything unplugged: treat the wiring as short-circuited.';
