import { Raw, type FindOperator } from 'typeorm';

let named = 0;

/**
 * One of some values, however many: SQLite takes them as one parameter.
 *
 * @param values ids, or other texts
 */
export function among(values: readonly string[]): FindOperator<string> {
  const name = `among${(named = (named + 1) % 1_000_000)}`;
  return Raw((column) => `${column} IN (SELECT value FROM json_each(:${name}))`, {
    [name]: JSON.stringify(values),
  });
}
