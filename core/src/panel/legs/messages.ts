export const theNumberOfFreeSpacesMust = 'The number of free spaces must be a whole number.';
export const theNumberOfFreeSpacesCannot = 'The number of free spaces cannot be negative.';
export const enterAtLeastOneCircuit = 'Enter at least one circuit.';
export const enterAtMost42CircuitsAt = 'Enter at most 42 circuits at a time.';
export const theNumberOfMovesMustBe = 'The number of moves must be a whole number.';
export const enterAtLeastOneMove = 'Enter at least one move.';
export const enterAtMost42Moves = 'Enter at most 42 moves.';
