import Database from 'libsql';

type Prepare = InstanceType<typeof Database>['prepare'];

/** What SQLite can hold, from what JavaScript may hand over. */
function bindable(value: unknown): unknown {
  if (value === undefined) return null;
  if (typeof value === 'boolean') return value ? 1 : 0;
  return value instanceof Date ? value.toISOString() : value;
}

/**
 * The SQLite binding made safe. Parameters always go in as one array, without `undefined`, booleans or dates, which
 * the binding would bind wrongly or not survive. While `guarded`, no statement runs outside a transaction: SQLite ends
 * one by itself when the disk is full, and whatever came after would be kept piece by piece.
 */
export class SafeDatabase extends Database {
  guarded = false;

  constructor(...args: ConstructorParameters<typeof Database>) {
    super(...args);
    const prepare = super.prepare.bind(this) as (sql: string) => object;
    this.prepare = ((sql: string) => this.withSafeParameters(prepare(sql))) as Prepare;
  }

  /** What it kept of the file’s pages is given back now, and not only when the object is collected. */
  override close(): this {
    try {
      if (this.open) this.exec('PRAGMA shrink_memory');
    } catch {
      // A file that cannot be read is closed all the same.
    }
    super.close();
    return this;
  }

  private withSafeParameters<S extends object>(statement: S): S {
    for (const method of ['run', 'get', 'all'] as const) {
      const original = (statement as Record<string, (params: unknown[]) => unknown>)[method]!.bind(statement);
      const safe = (...params: unknown[]) => {
        if (this.guarded && !this.inTransaction) throw new Error('The transaction has ended already.');
        return original(params.flat().map(bindable));
      };
      Object.defineProperty(statement, method, { value: safe });
    }
    return statement;
  }
}
