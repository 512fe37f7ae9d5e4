import { clockNotice } from '@phylaxon/core/record/clocks';
import { useQuery } from '@tanstack/react-query';
import { ask } from '../../shared/api/index.ts';
import { Notice } from '../../shared/ui/index.ts';

/** So often the clocks are compared, ms. */
const EVERY_MS = 10 * 60_000;

/** Where this device's clock and the server's differ: entries would stand at the wrong time. */
export function ClockNotice() {
  const { data: notice } = useQuery({
    queryKey: ['clock'],
    refetchInterval: EVERY_MS,
    queryFn: async () => {
      const { now, newest } = await ask('GET /clock');
      return clockNotice({
        device: Date.now(),
        server: Date.parse(now),
        newest: newest === null ? null : Date.parse(newest),
      });
    },
  });
  return notice ? (
    <div className="print:hidden">
      <Notice title={notice} />
    </div>
  ) : null;
}
