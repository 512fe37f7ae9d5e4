import { parentPort } from 'node:worker_threads';
import { damageIn } from '../store/index.ts';
import type { RecordAnswer, RecordTask } from './recordTasks.ts';
import { writeBackup } from './writeBackup.ts';

const port = parentPort!;

const work = async (task: RecordTask): Promise<unknown> =>
  task.kind === 'backup'
    ? writeBackup(task.record, task.photos, task.target)
    : damageIn(task.record, task.how);

port.once('message', (task: RecordTask) => {
  const tell = (answer: RecordAnswer) => port.postMessage(answer);
  work(task).then(
    (result) => tell({ ok: true, result }),
    (error: unknown) => tell({ ok: false, message: error instanceof Error ? error.message : String(error) }),
  );
});
