import type { EntityManager } from 'typeorm';

/** SQLite takes 32 766 parameters in a statement; some hundreds are bound fastest. */
const MOST_PARAMETERS = 250;

/**
 * Insert rows of plain values, bytes, and lists and objects, which are kept as JSON text, however many: as few statements as can be, and
 * the rest of the server gets its turn between them.
 *
 * @param rows all with the same columns: those of the first
 * @param onInserted called with how many rows went in since; it may throw to give up
 */
export async function insertMany(
  manager: EntityManager,
  table: string,
  rows: readonly object[],
  onInserted?: (count: number) => void,
): Promise<void> {
  if (rows.length === 0) return;
  const columns = Object.keys(rows[0]!);
  const perStatement = Math.max(1, Math.floor(MOST_PARAMETERS / columns.length));
  const names = columns.map((name) => `"${name}"`).join(', ');
  const one = `(${columns.map(() => '?').join(', ')})`;
  for (let i = 0; i < rows.length; i += perStatement) {
    const batch = rows.slice(i, i + perStatement);
    if (batch.some((row) => Object.keys(row).length !== columns.length)) {
      throw new Error(`Rows for ${table} have different columns.`);
    }
    await manager.query(
      `INSERT INTO "${table}" (${names}) VALUES ${batch.map(() => one).join(', ')}`,
      batch.flatMap((row) =>
        columns.map((name) => {
          const value = (row as Record<string, unknown>)[name];
          const isText = typeof value === 'object' && value !== null && !ArrayBuffer.isView(value);
          return isText ? JSON.stringify(value) : value;
        }),
      ),
    );
    onInserted?.(batch.length);
    if (rows.length > perStatement) await new Promise(setImmediate);
  }
}
