import { timeFormats } from '@phylaxon/core/facts/calendar';
import { reportBlocks, type Report } from '@phylaxon/core/views/report';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { HandOverCardView } from '../../diagnose/handOverCard/index.ts';
import { ask, fileAddresses, RequestError, zoneHere } from '../../shared/api/index.ts';
import { useSettings } from '../../shared/queries/index.ts';
import { asButton, Button, Notice, useUnits } from '../../shared/ui/index.ts';
import { ReportBlocks } from '../reportBlocks/index.ts';
import * as messages from './messages.ts';

const isGone = (error: unknown) => error instanceof RequestError && error.status === 404;

/** A report or a hand-over, for whoever was given its link: no account, nothing else. */
export function SharedPage() {
  const { token = '' } = useParams();
  const { timeText } = useUnits();
  const { data, error } = useQuery({
    queryKey: ['shared', token],
    queryFn: () => ask('GET /shared/:token', { params: { token }, query: { zone: zoneHere() } }),
  });
  return (
    <>
      <header className="on-enamel flex h-14 items-center bg-enamel-sunk px-4 text-lg font-bold tracking-wide text-enamel-text print:hidden">
        {messages.phylaxon}
      </header>
      <main className="mx-auto max-w-4xl space-y-5 px-4 py-5 sm:px-6 print:p-0">
        <title>{messages.sharedPhylaxon}</title>
        {isGone(error) ? (
          <Notice title={messages.thisLinkIsNotOpen}>{messages.askWhoSentIt}</Notice>
        ) : (
          error && <Notice title={error.message} />
        )}
        {!data && !error && <p>{messages.loading}</p>}
        {data && (
          <>
            <div className="flex flex-wrap items-center gap-3 print:hidden">
              <p className="mr-auto text-ink-soft">{messages.openUntil(timeText(data.expiresAt))}</p>
              <Button look="quiet" onClick={() => window.print()}>
                {messages.print}
              </Button>
              <a href={fileAddresses.sharedPdf(token)} download className={asButton('quiet')}>
                {messages.saveAsPdf}
              </a>
            </div>
            {data.what === 'report' ? (
              <SharedReport report={data.report} token={token} />
            ) : (
              <HandOverCardView card={data.card} />
            )}
            <p className="border-t border-rule pt-3 text-sm text-ink-soft">{messages.adviceOnly}</p>
          </>
        )}
      </main>
    </>
  );
}

function SharedReport({ report, token }: { report: Report; token: string }) {
  const settings = useSettings();
  const blocks = useMemo(() => reportBlocks(report, timeFormats(settings, zoneHere())), [report, settings]);
  return (
    <>
      <h1 className="sr-only">{messages.sharedReport}</h1>
      <ReportBlocks blocks={blocks} photoAddress={(sha256) => fileAddresses.sharedPhoto(token, sha256)} />
    </>
  );
}
