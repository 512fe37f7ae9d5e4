import type { Board as BoardData } from '@phylaxon/core/board';
import { useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { classes } from '../shared/index.ts';
import { BreakerCell, spokenCell } from './BreakerCell.tsx';
import { boardItems, legsByRow, neighbour, type BoardItem } from './items.ts';

interface Props {
  board: BoardData;
  /** Key of the item in view: a breaker's id, or open-<space>. */
  chosen: string | null;
}

const pathTo = (panelId: string, item: BoardItem) =>
  item.entry
    ? `/panels/${panelId}/breakers/${item.entry.breaker.id}`
    : `/panels/${panelId}/spaces/${item.space}`;

/**
 * The panel drawn as it hangs. Tab enters it once; arrow keys move between breakers as they lie,
 * Enter opens one.
 */
export function Board({ board, chosen }: Props) {
  const items = boardItems(board);
  const [focused, setFocused] = useState<string | null>(null);
  const links = useRef(new Map<string, HTMLAnchorElement>());
  const entryPoint = items.find((item) => item.key === (focused ?? chosen)) ?? items[0];
  const lastRow = board.panel.spaces / 2;
  const mainBelow = items.some((item) => item.column === null && item.row >= lastRow);

  const onKeyDown = (event: KeyboardEvent, item: BoardItem) => {
    const next = neighbour(items, item, event.key);
    if (!next) return;
    event.preventDefault();
    setFocused(next.key);
    links.current.get(next.key)?.focus();
  };

  return (
    <nav aria-label={`Breakers of ${board.panel.name}`} className="on-enamel text-enamel-text">
      <p className="sr-only">Arrow keys move between breakers, Enter opens one.</p>
      <ul className="grid grid-cols-[minmax(0,1fr)_1.25rem_minmax(0,1fr)] gap-0.5">
        {legsByRow(board).map((leg, row) => (
          <li
            key={`leg-${row}`}
            aria-hidden="true"
            style={{ gridColumn: 2, gridRow: row + (mainBelow ? 1 : 2) }}
            className={classes(
              'figures flex items-center justify-center text-xs text-enamel-soft',
              leg === 'A' ? 'bg-enamel-raised' : 'bg-enamel-sunk',
            )}
          >
            {leg}
          </li>
        ))}
        {groupBySpace(items).map((group) => {
          const [first] = group;
          return (
            <li
              key={first!.key}
              style={{
                gridColumn: first!.column === null ? '1 / -1' : first!.column === 0 ? 1 : 3,
                gridRow: `${first!.row + (mainBelow ? 1 : 2)} / span ${first!.rows}`,
              }}
              className="flex min-w-0 flex-col gap-0.5"
            >
              {group.map((item) => (
                <Link
                  key={item.key}
                  ref={(element) => {
                    if (element) links.current.set(item.key, element);
                    else links.current.delete(item.key);
                  }}
                  to={pathTo(board.panel.id, item)}
                  tabIndex={item === entryPoint ? 0 : -1}
                  aria-current={item.key === chosen ? 'true' : undefined}
                  aria-label={
                    item.entry ? spokenCell(item.entry) : `Space ${item.space}, open: fit a breaker`
                  }
                  onFocus={() => setFocused(item.key)}
                  onKeyDown={(event) => onKeyDown(event, item)}
                  className={cellLook(item, item.key === chosen)}
                >
                  {item.entry ? (
                    <BreakerCell entry={item.entry} mirrored={item.column === 1} />
                  ) : (
                    <OpenSpace item={item} />
                  )}
                </Link>
              ))}
            </li>
          );
        })}
      </ul>
    </nav>
  );
}

/** Narrow units of one space share a place on the board. */
function groupBySpace(items: readonly BoardItem[]): BoardItem[][] {
  const groups = new Map<string, BoardItem[]>();
  for (const item of items) {
    const key = item.part === null ? item.key : `space-${item.space}`;
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()];
}

const cellLook = (item: BoardItem, chosen: boolean) =>
  classes(
    'flex min-h-11 flex-1 items-center rounded-xs px-1.5 py-0.5',
    item.entry
      ? 'bg-enamel-raised hover:bg-enamel-line/60'
      : 'border border-dashed border-enamel-line hover:border-enamel-soft',
    item.column === null && 'justify-center',
    chosen && 'ring-2 ring-heed-lit',
  );

function OpenSpace({ item }: { item: BoardItem }) {
  return (
    <span
      className={classes(
        'flex w-full items-center gap-2 text-xs text-enamel-soft',
        item.column === 1 && 'flex-row-reverse',
      )}
    >
      <span className="figures w-5 text-center">{item.space}</span>
      open
    </span>
  );
}
