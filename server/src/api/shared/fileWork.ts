import { GivenUp, type Task, type Understood } from '../../files/index.ts';
import type { SentAlong } from '../../http/index.ts';
import type { ApiContext } from './context.ts';

/** Work on a file that was sent: understood in a thread of its own, stored here, given up when its sender leaves. */
export function fileWork({ files, underWay }: Pick<ApiContext, 'files' | 'underWay'>) {
  return <T>(
    { client, signal }: Pick<SentAlong, 'client' | 'signal'>,
    name: string | undefined,
    work: (file: {
      understand: <K extends Task['kind']>(
        task: Parameters<typeof files.understand<K>>[0],
      ) => Promise<Understood[K]>;
      onStored: (share: number) => void;
    }) => Promise<T>,
  ): Promise<T> =>
    underWay.run(client, name, (tell) =>
      work({
        understand: (task) =>
          files.understand(task, client, {
            signal,
            report: (share) => tell({ step: 'reading', share }),
          }),
        onStored: (share) => {
          if (signal.aborted) throw new GivenUp();
          tell({ step: 'storing', share });
        },
      }),
    );
}
