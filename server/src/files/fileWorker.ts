import { parentPort } from 'node:worker_threads';
import { FileRefused } from './refusal.ts';
import type { Message, Task } from './tasks.ts';
import { understandAttachment } from './understandAttachment.ts';
import { understandReadings } from './understandReadings.ts';
import { understandHandOver, understandSite } from './understandSite.ts';
import { writeLists } from './understoodSite.ts';
import { standBack } from '../threads/index.ts';

standBack();

/** Rows in one message: so few that taking it in holds nobody up. */
const ROWS = 1000;
const PROGRESS_MS = 100;

const port = parentPort!;
const tell = (message: Message) => port.postMessage(message);

let toldAt = 0;
function report(share: number): void {
  if (Date.now() - toldAt < PROGRESS_MS) return;
  toldAt = Date.now();
  tell({ is: 'progress', share });
}

/** Lists first and in parts, then what is left of the object that held them. */
function tellLists(holder: object): object {
  const rest: Record<string, unknown> = {};
  for (const [list, rows] of Object.entries(holder) as [string, unknown][]) {
    if (!Array.isArray(rows)) rest[list] = rows;
    else
      for (let i = 0; i < rows.length; i += ROWS) tell({ is: 'rows', list, rows: rows.slice(i, i + ROWS) });
  }
  return rest;
}

async function understand(task: Task): Promise<object> {
  switch (task.kind) {
    case 'site': {
      const { file, from, photos, attachments } = await understandSite(task.path, task.folder, report);
      const counts = await writeLists(file, task.folder);
      return { site: file.site, counts, from, photos, attachments };
    }
    case 'handOver':
      return { file: tellLists(await understandHandOver(task.path, report)) };
    case 'attachment':
      return understandAttachment(task.path, task.of);
    case 'readings':
      return tellLists(await understandReadings(task.path, task.breakers));
  }
}

port.on('message', (task: Task) => {
  understand(task).then(
    (result) => tell({ is: 'done', result }),
    (error: unknown) => {
      if (error instanceof FileRefused) {
        tell({ is: 'refused', message: error.message, issues: error.issues, code: error.code });
      } else {
        const { message, code } = error as NodeJS.ErrnoException;
        tell({ is: 'failed', message, ...(code !== undefined && { code }) });
      }
    },
  );
});
