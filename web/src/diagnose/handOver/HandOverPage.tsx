import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { fileAddresses } from '../../shared/api/index.ts';
import { useWork } from '../../shared/compute/index.ts';
import { asButton, Button, Notice } from '../../shared/ui/index.ts';
import { useCaseRecord } from '../caseRecord/index.ts';
import { HandOverCardView } from '../handOverCard/index.ts';
import { ShareLink } from '../../records/sharing/index.ts';
import * as messages from './messages.ts';

/** A case on one page for the electrician: to print, as a PDF, or as a file for another Phylaxon. */
export function HandOverPage() {
  const { caseId = '' } = useParams();
  const { file, problem } = useCaseRecord(caseId);
  const card = useWork('card', file);
  if (!card) {
    return (
      <main className="mx-auto max-w-3xl px-4 py-6">
        <title>{messages.handOverPhylaxon}</title>
        {problem ? <Notice title={problem} /> : <p>{messages.preparingThePage}</p>}
      </main>
    );
  }
  return (
    <main className="mx-auto max-w-4xl px-4 py-4 print:max-w-none print:p-0">
      <title>{messages.handOverPhylaxonOf(card.title)}</title>
      <div className="mb-4 flex flex-wrap items-center gap-3 print:hidden">
        <Link
          to={`/cases/${caseId}`}
          className="mr-auto inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {messages.backToTheCase}
        </Link>
        <Button onClick={() => window.print()}>{messages.print}</Button>
        <Download href={fileAddresses.handOverPage(caseId)}>{messages.saveAsPdf}</Download>
        <Download href={fileAddresses.handOver(caseId)}>{messages.saveAsACaseFile}</Download>
        {file && <ShareLink siteId={file.case.siteId} what="hand-over" of={caseId} />}
      </div>
      <HandOverCardView card={card} />
    </main>
  );
}

const Download = ({ href, children }: { href: string; children: ReactNode }) => (
  <a href={href} download className={asButton('quiet')}>
    {children}
  </a>
);
