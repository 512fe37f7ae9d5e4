/** The rows of one list of a site file, in pages. */
export type RowPages = AsyncIterable<readonly object[]>;

/** Rows as they stand in a list, a line each. */
const lines = (rows: readonly object[]) => rows.map((row) => JSON.stringify(row)).join(',\n');

/**
 * A site file as text, piece by piece: a line for each row, so that a line of it can be named and two files compared.
 * The same site always gives the same text.
 *
 * @param head what stands before the lists: format, version, site
 * @param lists the lists by their names, in their order
 * @returns pieces of JSON text; only one page of rows is held at a time
 * @example for await (const piece of siteFileText(head, [['panels', pages]])) out.write(piece)
 */
export async function* siteFileText(
  head: Readonly<Record<string, unknown>>,
  lists: Iterable<readonly [name: string, pages: RowPages]>,
): AsyncGenerator<string> {
  const entries = Object.entries(head).map(
    ([key, value]) => `${JSON.stringify(key)}: ${JSON.stringify(value)}`,
  );
  yield `{\n${entries.join(',\n')}`;
  for (const [name, pages] of lists) {
    let isEmpty = true;
    yield `,\n${JSON.stringify(name)}: [`;
    for await (const rows of pages) {
      if (rows.length === 0) continue;
      yield `${isEmpty ? '' : ','}\n${lines(rows)}`;
      isEmpty = false;
    }
    yield isEmpty ? ']' : '\n]';
  }
  yield '\n}\n';
}

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/gi;

/**
 * A row, or a whole site, under other ids throughout, to stand beside the one it came from.
 *
 * @param row what is to be renamed
 * @param newIdOf the new id for an old one, always the same
 * @returns the copy
 * @example withNewIds(file, (id) => fresh.get(id)!).site.id // another one
 */
export const withNewIds = <T extends object>(row: T, newIdOf: (id: string) => string): T =>
  JSON.parse(JSON.stringify(row).replace(UUID, newIdOf)) as T;
