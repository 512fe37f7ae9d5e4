import type { PanelShape, Placed, PlacementProblem } from '../panel/layout/index.ts';

/** A 24-space panel whose label is read: narrow breakers in 13 to 24 only, Orrin S. */
export const aShape = (change: Partial<PanelShape> = {}): PanelShape => ({
  spaces: 24,
  family: 'Orrin S',
  alsoListed: [],
  narrowSpaces: [13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24],
  splitAt: null,
  ...change,
});

/** What already sits in the panel of the table below. */
export const PRESENT: readonly Omit<Placed, 'id'>[] = [
  { space: 3, poles: 1, half: null },
  { space: 6, poles: 2, half: null },
  { space: 13, poles: 1, half: 'upper' },
  { space: 17, poles: 2, half: 'inner' },
  { space: 24, poles: 1, half: null },
];

interface Illegal {
  what: string;
  wanted: Omit<Placed, 'id'> & { family?: string };
  field: PlacementProblem['field'];
  reason: RegExp;
}

/** Placements that cannot be, each with the reason a person is told. */
export const ILLEGAL_PLACEMENTS: readonly Illegal[] = [
  {
    what: 'a taken space',
    wanted: { space: 3, poles: 1, half: null },
    field: 'space',
    reason: /^Space 3 is taken/,
  },
  {
    what: 'the last space, taken',
    wanted: { space: 24, poles: 1, half: null },
    field: 'space',
    reason: /^Space 24 is taken/,
  },
  {
    what: 'the first space of a two-pole breaker',
    wanted: { space: 6, poles: 1, half: null },
    field: 'space',
    reason: /^Space 6 is taken/,
  },
  {
    what: 'the second space of a two-pole breaker',
    wanted: { space: 8, poles: 1, half: null },
    field: 'space',
    reason: /^Space 8 is taken/,
  },
  {
    what: 'two poles, the second taken',
    wanted: { space: 1, poles: 2, half: null },
    field: 'space',
    reason: /^Space 3 is taken/,
  },
  {
    what: 'two poles, the first taken',
    wanted: { space: 3, poles: 2, half: null },
    field: 'space',
    reason: /^Space 3 is taken/,
  },
  {
    what: 'two poles from above into a two-pole breaker',
    wanted: { space: 4, poles: 2, half: null },
    field: 'space',
    reason: /^Space 6 is taken/,
  },
  {
    what: 'two poles from below into a two-pole breaker',
    wanted: { space: 8, poles: 2, half: null },
    field: 'space',
    reason: /^Space 8 is taken/,
  },
  {
    what: 'two poles past the end',
    wanted: { space: 23, poles: 2, half: null },
    field: 'poles',
    reason: /would need space 25, but this panel ends at 24/,
  },
  {
    what: 'a space past the end',
    wanted: { space: 25, poles: 1, half: null },
    field: 'space',
    reason: /spaces 1 to 24/,
  },
  {
    what: 'two poles far past the end',
    wanted: { space: 80, poles: 2, half: null },
    field: 'space',
    reason: /spaces 1 to 24/,
  },
  {
    what: 'a two-pole breaker in the upper half of one space',
    wanted: { space: 15, poles: 2, half: 'upper' },
    field: 'half',
    reason: /on one leg and cannot be two-pole/,
  },
  {
    what: 'a two-pole breaker in the lower half of one space',
    wanted: { space: 15, poles: 2, half: 'lower' },
    field: 'half',
    reason: /on one leg and cannot be two-pole/,
  },
  {
    what: 'a one-pole breaker as the inner pair',
    wanted: { space: 15, poles: 1, half: 'inner' },
    field: 'half',
    reason: /inner pair of a quad is two-pole/,
  },
  {
    what: 'a one-pole breaker as the outer pair',
    wanted: { space: 15, poles: 1, half: 'outer' },
    field: 'half',
    reason: /outer pair of a quad is two-pole/,
  },
  {
    what: 'a narrow breaker where the label allows none',
    wanted: { space: 5, poles: 1, half: 'upper' },
    field: 'half',
    reason: /tandem breakers only in 13–24, not in 5/,
  },
  {
    what: 'a quad reaching below where it is allowed',
    wanted: { space: 11, poles: 2, half: 'inner' },
    field: 'half',
    reason: /13–24, not in 11/,
  },
  {
    what: 'the half that is taken',
    wanted: { space: 13, poles: 1, half: 'upper' },
    field: 'half',
    reason: /upper half of space 13 is taken/,
  },
  {
    what: 'a whole space with one half taken',
    wanted: { space: 13, poles: 1, half: null },
    field: 'space',
    reason: /^Space 13 is taken/,
  },
  {
    what: 'an outer pair over a taken half',
    wanted: { space: 13, poles: 2, half: 'outer' },
    field: 'half',
    reason: /upper half of space 13 is taken/,
  },
  {
    what: 'a second inner pair',
    wanted: { space: 17, poles: 2, half: 'inner' },
    field: 'half',
    reason: /lower half of space 17 is taken/,
  },
  {
    what: 'a half that an inner pair holds',
    wanted: { space: 19, poles: 1, half: 'upper' },
    field: 'half',
    reason: /upper half of space 19 is taken/,
  },
  {
    what: 'two full poles over a quad',
    wanted: { space: 17, poles: 2, half: null },
    field: 'space',
    reason: /^Space 17 is taken/,
  },
  {
    what: 'a quad past the end',
    wanted: { space: 23, poles: 2, half: 'outer' },
    field: 'poles',
    reason: /would need space 25/,
  },
  {
    what: 'a sister series of the same maker',
    wanted: { space: 1, poles: 1, half: null, family: 'Orrin C' },
    field: 'family',
    reason: /Orrin C is not listed for this panel \(Orrin S\)/,
  },
  {
    what: 'a withdrawn family',
    wanted: { space: 9, poles: 2, half: null, family: 'Kestle' },
    field: 'family',
    reason: /Kestle is not listed/,
  },
];
