export const enterTheColorOfAtLeast = 'Enter the color of at least one conductor.';
export const atMostFourConductorsCanBe = 'At most four conductors can be on one breaker.';
export const aTagCanHaveAtMost = 'A tag can have at most 60 characters.';
export const reMarked = (color: string, remarkedAs: string) => `${color} re-marked ${remarkedAs}`;
export const conductorMarking = 'Conductor marking';
export const tagged = (tag: string) => `, tagged “${tag}”`;
export const greenAndBareConductorsAre =
  'Green and bare conductors are grounds and never belong on a breaker. De-energize the panel and find out where that conductor goes.';
export const whiteOrGrayMarksANeutral =
  'White or gray marks a neutral. With the panel de-energized, reidentify it as hot, or find out whether it is a neutral.';
