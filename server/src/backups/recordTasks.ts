/** Work on the record’s file that takes long, done in a thread of its own. */
export type RecordTask =
  | { kind: 'backup'; record: string; photos: string; target: string }
  | { kind: 'check'; record: string; how: 'quick_check' | 'integrity_check' };

export type RecordAnswer = { ok: true; result: unknown } | { ok: false; message: string };
