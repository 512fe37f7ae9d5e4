export const before = 'Before';
export const after = 'After';
export const breakersThatMoveAreMarked = (name: string, stepsCount: number, place: string) =>
  `${name}: ${stepsCount} breakers that move are marked${place}`;
export const theNewOneIsAtSpace = (space: number) => `, the new one is at space ${space}`;
export const allOfThisIsWorkFor =
  'All of this is work for a qualified electrician, after de-energizing the panel, locking it out and verifying absence of voltage. The line side of the main stays energized.';
export const savedAsAProposal = 'Saved as a proposal';
export const saveAsAProposal = 'Save as a proposal';
export const nothingHasToMove = 'Nothing has to move.';
export const toTheOtherLeg = ', to the other leg';
export const parts = (join: string) => `Parts: ${join}.`;
export const planBeforeItIsSaved = 'This plan';
export const movesTo = (space: number) => `Move to ${space}`;
export const asTandemAt = (space: number) => `Tandem at ${space}`;
export const inQuadAt = (space: number) => `Quad at ${space}`;
