import { damageIn } from '../store/index.ts';
import { standBack } from '../threads/index.ts';
import type { RecordAnswer, RecordTask } from './recordTasks.ts';
import { writeBackup } from './writeBackup.ts';

standBack();

/** Work on the record’s file in a thread of its own. */
export default async function work(task: RecordTask): Promise<RecordAnswer> {
  try {
    const result =
      task.kind === 'backup'
        ? await writeBackup(task.record, task.photos, task.target)
        : damageIn(task.record, task.how);
    return { ok: true, result };
  } catch (error) {
    return { ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}
