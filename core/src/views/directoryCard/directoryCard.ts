import {
  disconnectsOf,
  spaceGrid,
  isOnItsSide,
  placeOfSpace,
  sayPlace,
  slotsOf,
  type Half,
} from '../../panel/layout/index.ts';
import type { Board } from '../board/index.ts';
import * as messages from './messages.ts';

/** A line of the directory: a space, or half of one. */
export interface CardLine {
  /** As it is written: `7`, `2–4`, `19 upper`. */
  place: string;
  label: string;
  /** A; empty for a space without a breaker. */
  rating: string;
  /** A breaker without a name: to be found out. */
  isUnnamed: boolean;
}

/** A directory as the panel hangs: two columns, each with where it is. */
export interface DirectoryCard {
  title: string;
  columns: [{ head: string; lines: CardLine[] }, { head: string; lines: CardLine[] }];
}

/** A breaker as far as a directory names it. */
export type CardBreaker = Pick<Board['breakers'][number], 'label'> & {
  breaker: Pick<Board['breakers'][number]['breaker'], 'space' | 'half' | 'poles' | 'ratingAmps' | 'role'>;
};
type CardPanel = Pick<Board['panel'], 'name' | 'spaces' | 'orientation' | 'splitAt' | 'blanks' | 'holes'>;

/** What is said of a space where no breaker begins. */
const emptyLine = (space: number, { blanks, holes }: CardPanel): CardLine => ({
  place: `${space}`,
  label: blanks.includes(space) ? 'filler' : holes.includes(space) ? messages.openSlotCloseIt : 'space',
  rating: '',
  isUnnamed: false,
});

/** Where no single main shuts a panel off, the handles that do are marked. */
const DISCONNECT = messages.mainDisconnect;

const lineOf = ({ breaker, label }: CardBreaker, panel: CardPanel): CardLine => ({
  place: sayPlace(breaker),
  label: [
    label ?? messages.notKnownYet,
    ...(disconnectsOf(panel, [breaker]).length > 0 ? [DISCONNECT] : []),
  ].join(', '),
  rating: `${breaker.ratingAmps} A`,
  isUnnamed: label === null,
});

/** Upper before lower, outer before inner. */
const HALF_ORDER: (Half | null)[] = [null, 'upper', 'outer', 'inner', 'lower'];

/** The lines of one space; what another space’s breaker covers has none of its own. */
function linesAt(space: number, panel: CardPanel, breakers: readonly CardBreaker[]): CardLine[] {
  const branches = breakers.filter(({ breaker }) => breaker.space !== null);
  const here = branches.filter(({ breaker }) => breaker.space === space);
  if (here.length > 0)
    return here
      .sort((a, b) => HALF_ORDER.indexOf(a.breaker.half) - HALF_ORDER.indexOf(b.breaker.half))
      .map((one) => lineOf(one, panel));
  const isCovered = branches.some(({ breaker }) =>
    slotsOf({ ...breaker, space: breaker.space! }).some((slot) => slot.space === space),
  );
  return isCovered ? [] : [emptyLine(space, panel)];
}

const HEADS = {
  upright: [messages.left, messages.right],
  onItsSide: [messages.upperRowFromTheLeft, messages.lowerRowFromTheLeft],
} as const;

/**
 * A panel’s directory as it hangs: its two columns, or its two rows where it lies on its side.
 *
 * @param panel its shape
 * @param breakers what is in it
 * @returns lines from top to bottom, or from the left
 * @example directoryCard(panel, []).columns[0].lines[0].label // 'space'
 */
export function directoryCard(panel: CardPanel, breakers: readonly CardBreaker[]): DirectoryCard {
  const { spaces, orientation } = panel;
  const isAcross = isOnItsSide(orientation);
  const heads = isAcross ? HEADS.onItsSide : HEADS.upright;
  const { rows, columns } = spaceGrid(spaces, orientation);
  const count = isAcross ? columns : rows;
  const side = (of: 0 | 1) => ({
    head: heads[of],
    lines: Array.from({ length: spaces }, (_, i) => i + 1)
      .map((space) => ({ space, at: placeOfSpace(spaces, space, orientation) }))
      .filter(({ at }) => (isAcross ? at.row : at.column) === of)
      .sort((a, b) => (isAcross ? a.at.column - b.at.column : a.at.row - b.at.row))
      .slice(0, count)
      .flatMap(({ space }) => linesAt(space, panel, breakers)),
  });
  return { title: panel.name, columns: [side(0), side(1)] };
}
