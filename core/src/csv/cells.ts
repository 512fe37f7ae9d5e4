/** A cell as it is compared: small letters, one kind of minus, single spaces. */
export const plain = (cell: string | undefined): string =>
  (cell ?? '').trim().toLowerCase().replace(/[–−]/g, '-').replace(/\s+/g, ' ');

/** A figure as written, a decimal comma taken for a point; NaN for what is none. */
export function figure(cell: string | undefined): number {
  const text = plain(cell).replace(',', '.');
  return text === '' ? Number.NaN : Number(text);
}
