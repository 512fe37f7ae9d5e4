export const gfciAndAfci = 'GFCI and AFCI';
export const surgeProtectiveDevice = 'surge protective device';
export const isNotListedForThisPanel = (family: string, join: string) =>
  `${family} is not listed for this panel (${join}). A breaker that fits is not necessarily one that is listed.`;
export const aPanelIsFedByA = 'A panel is fed by a breaker or by feed-through lugs, not by both.';
export const itAlreadyFeeds = (rivalName: string) => `It already feeds ${rivalName}.`;
export const thisBreakerIsNotAtThis = 'This breaker is not at this site.';
export const aPanelCannotBeFedBy = 'A panel cannot be fed by a breaker in the same panel.';
export const aOnePoleBreakerSuppliesOnly = 'A one-pole breaker supplies only one leg. A subpanel needs both.';
export const thisPanelIsNotAtThis = 'This panel is not at this site.';
export const hasNoFeedThroughLugsOn = (lugsName: string) => `${lugsName} has no feed-through lugs on record.`;
export const theFeedWouldLeadBackTo = 'The feed would lead back to this panel.';
export const main = 'Main';
export const theMain = 'the main';
export const space = (breaker: string) => `space ${breaker}`;
export const aHalfSizeBreakerInOne =
  'A half-size breaker in one space is on one leg and cannot be two-pole. A two-pole breaker needs two spaces, or the inner or outer pair of a quad.';
export const thePairOfAQuadIs = (half: string) =>
  `The ${half} pair of a quad is two-pole. A one-pole tandem half is upper or lower.`;
export const aTwoPoleBreakerAtWould = (space: number, beyond: number, spaces: number) =>
  `A two-pole breaker at ${space} would need space ${beyond}, but this panel ends at ${spaces}.`;
export const thisPanelHasSpaces1To = (spaces: number) => `This panel has spaces 1 to ${spaces}.`;
export const theBusIsSplitBetweenAnd = (splitAt: number, splitAt2: number) =>
  `The bus is split between ${splitAt} and ${splitAt2}. A two-pole breaker cannot span both sections.`;
export const theLabelOfThisPanelDoes = 'The label of this panel does not allow tandem breakers.';
export const theLabelAllowsTandemBreakers = (narrowSpaces: string, unlisted: number) =>
  `The label allows tandem breakers only in ${narrowSpaces}, not in ${unlisted}.`;
export const theHalfOfSpaceIsTaken = (part: string, space: number) =>
  `The ${part} half of space ${space} is taken.`;
export const spaceIsTaken = (space: number) => `Space ${space} is taken.`;
export const thisPanelAlreadyHasHandlesThat = (mostdisconnects: number, splitAt: number) =>
  `This panel already has ${mostdisconnects} handles that shut it off, the most allowed. Use the lower section, from ${splitAt} on.`;
export const aHandleCannotBeTiedTo = 'A handle cannot be tied to itself.';
export const aTwoPoleBreakerAlreadyHas =
  'A two-pole breaker already has one handle. A handle tie joins two one-pole breakers.';
export const andAreInDifferentColumnsA = (a: string, b: string) =>
  `${a} and ${b} are in different columns. A handle tie joins neighbors in one column.`;
export const andAreNotNeighborsAHandle = (first: string, second: string) =>
  `${first} and ${second} are not neighbors. A handle tie joins adjacent handles.`;
export const andAreBothOnLegOn = (a: string, b: string, space: string) =>
  `${a} and ${b} are both on leg ${space}. On one leg, a shared neutral would carry the sum of both currents.`;
export const thisHandleIsTiedToThe = (tied: string) =>
  `This handle is tied to the one at ${tied}: one half can be down while the tie looks up. Move both together.`;
export const thisIsThePairOfA = (half: string) =>
  `This is the ${half} pair of a quad. Its two handles move together.`;
export const thisIsTheHalfOfA = (half: string) =>
  `This is the ${half} half of a tandem in this space. Make sure you use the right handle.`;
export const twoHandlesUnderOneTieOne =
  'Two handles under one tie: one half can be down while the tie looks up.';
