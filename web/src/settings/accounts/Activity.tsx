import type { AuditEntry } from '@phylaxon/core/record/accounts';
import { useInfiniteQuery } from '@tanstack/react-query';
import { ask } from '../../shared/api/index.ts';
import { RECORD } from '../../shared/queries/index.ts';
import { Button, Notice, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const PAGE = 50;

/** Who did what, page by page. */
export function Activity() {
  const { timeText } = useUnits();
  const { data, error, hasNextPage, isFetching, fetchNextPage } = useInfiniteQuery({
    queryKey: [RECORD, 'GET /audit'],
    queryFn: async ({ pageParam }) =>
      (await ask('GET /audit', { query: { limit: PAGE, ...(pageParam !== null && { before: pageParam }) } }))
        .entries,
    initialPageParam: null as number | null,
    getNextPageParam: (last: AuditEntry[]) => (last.length < PAGE ? undefined : last.at(-1)!.id),
  });
  const entries = data?.pages.flat() ?? [];
  return (
    <section aria-label={messages.activity} className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.activity}</h2>
      <p className="text-ink-soft">{messages.whoDidWhat}</p>
      {error && <Notice title={error.message} />}
      {data && entries.length === 0 && <p>{messages.nothingYet}</p>}
      {entries.length > 0 && (
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={messages.activity}>
          <table className="w-full text-left">
            <thead>
              <tr className="border-b border-ink">
                {[messages.when, messages.who, messages.what].map((head) => (
                  <th key={head} scope="col" className="py-1 pr-4">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {entries.map(({ id, at, name, what }) => (
                <tr key={id} className="border-b border-rule align-baseline">
                  <td className="figures py-1 pr-4 whitespace-nowrap">{timeText(at)}</td>
                  <td className="py-1 pr-4">{name}</td>
                  <td className="py-1">{what}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {hasNextPage && (
        <Button look="quiet" disabled={isFetching} onClick={() => void fetchNextPage()}>
          {messages.older}
        </Button>
      )}
    </section>
  );
}
