import { Refusal } from '../errors/index.ts';
import { Connection, storeErrorOf, type StoreTrouble } from '../store/index.ts';
import { writeExport, type ExportTask } from './writeExport.ts';
import { standBack } from '../threads/index.ts';

standBack();

/** What is to be written, and of which record. */
export interface ExportOrder extends ExportTask {
  record: string;
}

/** What came of it. */
export type ExportAnswer =
  | { is: 'done' }
  | { is: 'refused'; refusal: Pick<Refusal, 'kind' | 'code' | 'message'> }
  | { is: 'failed'; message: string; trouble?: StoreTrouble };

/** Write an export in a thread of its own: its own reader sees one state of the record, and holds up nobody. */
export default async function work({ record, ...task }: ExportOrder): Promise<ExportAnswer> {
  const connection = new Connection(record, 'read');
  try {
    await connection.transaction((manager) => writeExport(manager, task));
    return { is: 'done' };
  } catch (error) {
    if (error instanceof Refusal) {
      const { kind, code, message } = error;
      return { is: 'refused', refusal: { kind, code, message } };
    }
    const trouble = storeErrorOf(error)?.trouble;
    return { is: 'failed', message: (error as Error).message, ...(trouble && { trouble }) };
  } finally {
    await connection.close();
  }
}
