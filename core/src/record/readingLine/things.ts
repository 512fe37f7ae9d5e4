import type { Amount, PointWord } from '../phrases/index.ts';
import { takes } from './figures.ts';

interface Span {
  from: number;
  to: number;
}
/** A figure that waits for its thing to end. */
export interface FigureItem extends Span {
  is: 'figure';
  amount: Amount;
}
/** A word that says where a figure was taken. */
export interface PointItem extends Span {
  is: 'point';
  point: PointWord;
  /** “at the plug”: it belongs to the figure before it. */
  behind: boolean;
}
export type Item = FigureItem | PointItem;

/** A figure with where it was taken; a word without one. */
export type Attached = { figure: FigureItem; point: PointItem | null } | { figure: null; point: PointItem };

/**
 * Give each word that says where its figure: for “at the plug” the one before; where a thing begins with a figure and ends
 * with such a word, the one before as well; otherwise the one behind it.
 *
 * @param items figures and words of one thing, in their order
 * @returns each figure with its word, in their order; words that go with no figure
 */
export function attach(items: readonly Item[]): Attached[] {
  const ofFigure = new Map<FigureItem, PointItem>();
  const isFree = (item: Item | undefined, point: PointItem): item is FigureItem =>
    item?.is === 'figure' && !ofFigure.has(item) && takes(point.point, item.amount);
  const trails = items[0]?.is === 'figure' && items.at(-1)?.is === 'point';
  const lone: PointItem[] = [];
  items.forEach((item, n) => {
    if (item.is === 'figure') return;
    const sides = trails || item.behind ? [items[n - 1], items[n + 1]] : [items[n + 1], items[n - 1]];
    const figure = sides.find((side): side is FigureItem => isFree(side, item));
    if (figure) ofFigure.set(figure, item);
    else lone.push(item);
  });
  return items.flatMap((item): Attached[] => {
    if (item.is === 'figure') return [{ figure: item, point: ofFigure.get(item) ?? null }];
    return lone.includes(item) ? [{ figure: null, point: item }] : [];
  });
}
