/** A cell as it is compared: small letters, one kind of minus, single spaces. */
export const plainCell = (cell: string | undefined): string =>
  (cell ?? '').trim().toLowerCase().replace(/[–−]/g, '-').replace(/\s+/g, ' ');

/** A figure as written, a decimal comma taken for a point; NaN for what is none. */
export function cellNumber(cell: string | undefined): number {
  const text = plainCell(cell).replace(',', '.');
  return text === '' ? Number.NaN : Number(text);
}

/**
 * What a spreadsheet may take for a formula: a mark that begins one, half or full width, after whatever it would skip or
 * split at.
 */
export const FORMULA_START = /^[\s"',;|\u00a0\u200b\ufeff]*[=+\-@\uff1d\uff0b\uff0d\uff20\t\r\n]/;

/** A text without the apostrophe that kept a spreadsheet from taking it for a formula. */
export const withoutGuard = (cell: string): string =>
  cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell;
