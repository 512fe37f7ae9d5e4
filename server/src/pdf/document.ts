import { inOutlines } from './outlines.ts';
import { runsOf } from './runs.ts';

type Node = Record<string, unknown>;

/** Where a piece of a document holds further ones. */
const HOLDING = ['stack', 'columns', 'ul', 'ol', 'content'] as const;
/** Where a document makes a piece for each page. */
const OF_PAGES = ['header', 'footer'] as const;

/**
 * A document, or a piece of one, whose texts are in fonts that have their letters.
 *
 * @param node as pdfmake takes it
 */
export function inItsFonts(node: unknown): unknown {
  if (typeof node === 'string') {
    const runs = runsOf(node);
    return runs === null ? node : { text: runs };
  }
  if (Array.isArray(node)) return node.map(inItsFonts);
  if (typeof node !== 'object' || node === null) return node;
  const piece: Node = { ...node };
  if ('text' in piece) piece.text = inlinesOf(piece.text);
  if (typeof piece.svg === 'string') piece.svg = inOutlines(piece.svg);
  for (const key of HOLDING) if (key in piece) piece[key] = inItsFonts(piece[key]);
  for (const key of OF_PAGES) {
    const make = piece[key];
    if (typeof make === 'function')
      piece[key] = (...of: unknown[]) => inItsFonts((make as (...of: unknown[]) => unknown)(...of));
  }
  const table = piece.table as Node | undefined;
  if (table) piece.table = { ...table, body: inItsFonts(table.body) };
  return piece;
}

/** The text of a piece: one, or several each with a look of its own. */
function inlinesOf(text: unknown): unknown {
  if (typeof text === 'string') return runsOf(text) ?? text;
  if (!Array.isArray(text)) return text;
  return text.flatMap((one: unknown) => {
    if (typeof one === 'string') return runsOf(one) ?? [one];
    const { text: own, ...look } = one as Node;
    if (typeof own !== 'string') return [{ ...look, text: inlinesOf(own) }];
    return runsOf(own)?.map((run) => ({ ...look, ...run })) ?? [one];
  });
}
