import type { Board as BoardData } from '@phylaxon/core/views/board';
import { disconnectsOf } from '@phylaxon/core/panel/layout';
import { useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { BoardFrame } from './BoardFrame.tsx';
import { useUnits } from '../../shared/ui/index.ts';
import type { BoardMark } from '../../shared/workbench/index.ts';
import { BreakerCell, cellName, spokenCell } from './BreakerCell.tsx';
import {
  cellLook,
  boardGrid,
  boardItems,
  gridText,
  neighbour,
  type BoardItem,
} from '../boardLayout/index.ts';
import { OpenSpace, spokenSpace } from './OpenSpace.tsx';
import * as messages from './messages.ts';

interface Props {
  board: BoardData;
  /** Key of the item in view: a breaker's id, or open-<space>. */
  chosen: string | null;
  /** What is planned in a space, by its number: never a fact. */
  planned?: ReadonlyMap<number, string>;
  /** What the open job writes on breakers, in place of their decisions. */
  marks?: ReadonlyMap<string, BoardMark> | undefined;
  /** Where a cell leads: to its own page, unless a job selects with it. */
  pathTo?: ((item: BoardItem) => string) | undefined;
}

const ownPath = (panelId: string, item: BoardItem) =>
  item.entry
    ? `/panels/${panelId}/breakers/${item.entry.breaker.id}`
    : `/panels/${panelId}/spaces/${item.space}`;

/** The breakers whose handles shut a split-bus panel off. */
export const shutOffs = ({ panel, breakers }: BoardData) =>
  new Set(
    disconnectsOf(
      panel,
      breakers.map(({ breaker }) => breaker),
    ).map(({ id }) => id),
  );

/**
 * The panel drawn as it hangs. Tab enters it once; arrow keys move between breakers as they lie,
 * Enter opens one.
 */
export function PanelBoard({ board, chosen, planned, marks, pathTo }: Props) {
  const items = boardItems(board);
  const grid = boardGrid(board);
  const shutsOff = shutOffs(board);
  const breakers = useUnits();
  const [focused, setFocused] = useState<string | null>(null);
  const links = useRef(new Map<string, HTMLAnchorElement>());
  const entryPoint = items.find((item) => item.key === (focused ?? chosen)) ?? items[0];

  const onKeyDown = (event: KeyboardEvent, item: BoardItem) => {
    const next = neighbour(board.panel, items, item, event.key);
    if (!next) return;
    event.preventDefault();
    setFocused(next.key);
    links.current.get(next.key)?.focus();
  };

  const cell = (item: BoardItem) => {
    const path = pathTo ? pathTo(item) : ownPath(board.panel.id, item);
    const mark = item.entry ? marks?.get(item.entry.breaker.id) : undefined;
    const isChosen = (item.entry?.breaker.id ?? item.key) === chosen;
    if (item.echo) {
      return (
        <Link to={path} tabIndex={-1} aria-hidden="true" className={cellLook(item, isChosen)}>
          <span className="text-xs text-enamel-soft">{messages.otherHalf(cellName(item.entry!))}</span>
        </Link>
      );
    }
    const off = item.entry !== null && shutsOff.has(item.entry.breaker.id);
    return (
      <Link
        ref={(element) => {
          if (element) links.current.set(item.key, element);
          else links.current.delete(item.key);
        }}
        to={path}
        tabIndex={item === entryPoint ? 0 : -1}
        aria-current={isChosen ? 'true' : undefined}
        aria-label={
          item.entry
            ? spokenCell(item.entry, off, breakers, marks && (mark ?? null))
            : spokenSpace(item, planned?.get(item.space!))
        }
        onFocus={() => setFocused(item.key)}
        onKeyDown={(event) => onKeyDown(event, item)}
        className={cellLook(item, isChosen)}
      >
        {item.entry ? (
          <BreakerCell
            entry={item.entry}
            mirrored={item.across === 1}
            onSide={grid.onSide}
            shutsOff={off}
            mark={marks && (mark ?? null)}
          />
        ) : (
          <OpenSpace item={item} onSide={grid.onSide} planned={planned?.get(item.space!)} />
        )}
      </Link>
    );
  };

  return (
    <nav aria-label={messages.breakersOf(board.panel.name)} className="on-enamel text-enamel-text">
      <p className="sr-only">{messages.arrowKeysMoveBetweenBreakers(gridText(board.panel))}</p>
      <BoardFrame board={board} grid={grid} items={items}>
        {cell}
      </BoardFrame>
    </nav>
  );
}
