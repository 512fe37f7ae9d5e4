import { familyProblem, type Label } from './families.ts';
import { slotsOf, spacesOf, type Half, type Slot } from './layout.ts';
import { saySpaceList } from './spaceList.ts';
import * as messages from './messages.ts';

/** What of a panel bears on where a breaker may sit. */
export interface PanelShape extends Label {
  spaces: number;
  /** Spaces whose label allows narrow breakers; `null` while the label is not read. */
  narrowSpaces: readonly number[] | null;
  /** Split bus: the first space of the lower section; `null` for one bus. */
  splitAt: number | null;
}

/** What a breaker takes up in a panel. */
export interface Placed {
  id: string;
  space: number;
  poles: 1 | 2;
  half: Half | null;
}

/** Why a breaker cannot go where it is wanted: the field at fault and a sentence for the person. */
export interface PlacementProblem {
  field: 'space' | 'poles' | 'half' | 'family';
  message: string;
}

/** With no single main, so many handles at most may shut a panel off (NEC 230.71, older editions: the six-handle rule). */
export const MOST_DISCONNECTS = 6;

/**
 * The handles of a split-bus panel that shut it off: those in its upper section.
 *
 * @param panel where its bus is split
 * @param breakers all in it
 * @returns those above the split; none where the bus is whole
 * @example disconnectsOf({ splitAt: null }, breakers) // []
 */
export const disconnectsOf = <P extends { space: number | null }>(
  panel: Pick<PanelShape, 'splitAt'>,
  breakers: readonly P[],
): P[] =>
  panel.splitAt === null ? [] : breakers.filter(({ space }) => space !== null && space < panel.splitAt!);

type Rule = (panel: PanelShape, others: readonly Placed[], wanted: Placed) => PlacementProblem | null;

const narrowTwoPole: Rule = (_panel, _others, { poles, half }) => {
  if (poles === 2 && (half === 'upper' || half === 'lower')) {
    return {
      field: 'half',
      message: messages.aHalfSizeBreakerInOne,
    };
  }
  if (poles === 1 && (half === 'inner' || half === 'outer')) {
    return {
      field: 'half',
      message: messages.thePairOfAQuadIs(half),
    };
  }
  return null;
};

const withinPanel: Rule = ({ spaces }, _others, wanted) => {
  const beyond = spacesOf(wanted).find((space) => space < 1 || space > spaces);
  if (beyond === undefined) return null;
  return wanted.poles === 2 && wanted.space >= 1 && wanted.space <= spaces
    ? {
        field: 'poles',
        message: messages.aTwoPoleBreakerAtWould(wanted.space, beyond, spaces),
      }
    : { field: 'space', message: messages.thisPanelHasSpaces1To(spaces) };
};

const acrossTheSplit: Rule = ({ splitAt }, _others, wanted) => {
  const [first, last] = [wanted.space, spacesOf(wanted).at(-1)!];
  if (splitAt === null || first >= splitAt || last < splitAt) return null;
  return {
    field: 'space',
    message: messages.theBusIsSplitBetweenAnd(splitAt - 2, splitAt),
  };
};

const narrowWhereListed: Rule = ({ narrowSpaces }, _others, wanted) => {
  if (wanted.half === null || narrowSpaces === null) return null;
  const unlisted = spacesOf(wanted).find((space) => !narrowSpaces.includes(space));
  if (unlisted === undefined) return null;
  return {
    field: 'half',
    message:
      narrowSpaces.length === 0
        ? messages.theLabelOfThisPanelDoes
        : messages.theLabelAllowsTandemBreakers(saySpaceList(narrowSpaces), unlisted),
  };
};

const sameSlot = (a: Slot, b: Slot) => a.space === b.space && a.part === b.part;

const free: Rule = (_panel, others, wanted) => {
  const taken = slotsOf(wanted);
  for (const other of others) {
    if (other.id === wanted.id) continue;
    const shared = slotsOf(other).find((slot) => taken.some((one) => sameSlot(one, slot)));
    if (shared === undefined) continue;
    const bothNarrow = other.half !== null && wanted.half !== null;
    return bothNarrow
      ? { field: 'half', message: messages.theHalfOfSpaceIsTaken(shared.part, shared.space) }
      : { field: 'space', message: messages.spaceIsTaken(shared.space) };
  }
  return null;
};

const sixHandles: Rule = (panel, others, wanted) => {
  if (panel.splitAt === null || wanted.space >= panel.splitAt) return null;
  const handles = disconnectsOf(panel, others).filter(({ id }) => id !== wanted.id).length;
  if (handles < MOST_DISCONNECTS) return null;
  return {
    field: 'space',
    message: messages.thisPanelAlreadyHasHandlesThat(MOST_DISCONNECTS, panel.splitAt),
  };
};

const RULES: readonly Rule[] = [
  narrowTwoPole,
  withinPanel,
  acrossTheSplit,
  narrowWhereListed,
  free,
  sixHandles,
];

/**
 * Why a breaker cannot go there, or `null` if it can.
 *
 * @param panel the panel's shape and label
 * @param others the breakers already in it
 * @param wanted the one to place; one with the same id among the others is passed over (a move)
 * @returns the field it is told at, and a sentence
 * @example
 * placementProblem(panel, [{ id: 'x', space: 3, poles: 1, half: null }], { id: 'y', space: 1, poles: 2, half: null })
 *   // { field: 'space', message: 'Space 3 is taken.' }
 */
export function placementProblem(
  panel: PanelShape,
  others: readonly Placed[],
  wanted: Placed,
): PlacementProblem | null {
  for (const rule of RULES) {
    const problem = rule(panel, others, wanted);
    if (problem) return problem;
  }
  return null;
}

/**
 * Why a part may not be fitted there, or `null`: it does not go there, or it does not belong in this panel.
 *
 * @param family the part's own family; '' if not known
 * @returns the field it is told at, and a sentence
 * @example fittingProblem({ spaces: 8, … }, [], { id, space: 9, poles: 1, half: null }, '') // there is no space 9
 */
export function fittingProblem(
  panel: PanelShape,
  others: readonly Placed[],
  wanted: Placed,
  family: string,
): PlacementProblem | null {
  const problem = placementProblem(panel, others, wanted);
  if (problem) return problem;
  const message = familyProblem(panel, family);
  return message === null ? null : { field: 'family', message };
}
