import { timeFormats } from '@phylaxon/core/facts/calendar';
import { reportBlocks, type Report } from '@phylaxon/core/views/report';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { fileAddresses, zoneHere, type ReportAbout } from '../../shared/api/index.ts';
import { recordQueries, useSettings } from '../../shared/queries/index.ts';
import {
  asButton,
  Button,
  Notice,
  PageHead,
  SelectInput,
  SendButton,
  TypedInput,
  TypedLines,
} from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { ReportBlocks } from '../reportBlocks/index.ts';
import { ShareLink } from '../sharing/index.ts';
import { usePrices, type Prices } from './usePrices.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** A report for whoever pays, as it will be printed; an electrician adds prices and a remark. */
export function ReportPage() {
  const { siteId, panelId, visitId } = useParams();
  const about: ReportAbout = visitId
    ? { at: 'visits', id: visitId }
    : panelId
      ? { at: 'panels', id: panelId }
      : { at: 'sites', id: siteId! };
  const { data: report, error } = useQuery(recordQueries.report(about));
  const layer = useMemo(
    () =>
      report
        ? {
            title: messages.findingsByNumber,
            marks: new Map(
              report.findings.map(({ key }, i): [string, BoardMark] => [
                key.replace(/^breaker /, ''),
                { text: messages.finding(i + 1), look: 'act' },
              ]),
            ),
          }
        : null,
    [report],
  );
  useBoardLayer(layer);
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6 print:p-0">
      <div className="print:hidden">
        <PageHead
          backTo={`/${about.at}/${about.id}`}
          back={report?.about.kind === 'visit' ? messages.visit : (report?.about.name ?? messages.back)}
          title={messages.report}
        >
          <p className="text-ink-soft">{messages.checkTheReportBeforeYouPrint}</p>
        </PageHead>
      </div>
      {error && <Notice title={error.message} />}
      {report && <Preview key={`${about.at} ${about.id}`} report={report} about={about} />}
    </main>
  );
}

function Preview({ report, about }: { report: Report; about: ReportAbout }) {
  const isElectrician = useProfile((state) => state.profile) === 'electrician';
  const [wantsPrices, setWantsPrices] = useState(false);
  const isPricing = isElectrician && wantsPrices;
  const prices = usePrices(report);
  const settings = useSettings();
  const formats = useMemo(() => timeFormats(settings, zoneHere()), [settings]);
  const blocks = useMemo(() => reportBlocks(report, formats), [report, formats]);
  return (
    <>
      <p className="flex flex-wrap gap-3 print:hidden">
        <a href={fileAddresses.report(about)} className={asButton()} target="_blank" rel="noreferrer">
          {messages.reportPdf}
        </a>
        <Button look="quiet" onClick={() => window.print()}>
          {messages.printThisPage}
        </Button>
        <a href={fileAddresses.reportData(about)} download className={asButton('quiet')}>
          {messages.dataJson}
        </a>
        {isElectrician && (
          <Button look="quiet" aria-expanded={isPricing} onClick={() => setWantsPrices(!wantsPrices)}>
            {messages.pricesAndRemark}
          </Button>
        )}
        <ShareLink siteId={report.site.id} what="report" of={about.id} />
      </p>
      {isPricing && <AboveAll prices={prices} />}
      <ReportBlocks
        blocks={blocks}
        under={({ key, panelId }) =>
          isPricing && <Price finding={key} currency={prices.currencyAt(panelId)} prices={prices} />
        }
      />
      {isPricing && (
        <p className="sticky bottom-0 border-t border-rule-strong bg-bone py-3 print:hidden">
          <SendButton
            look="primary"
            stored={messages.inTheReport}
            disabled={prices.isWrong}
            entries={prices.toSend}
          >
            {messages.savePricesAndRemark}
          </SendButton>
        </p>
      )}
    </>
  );
}

/** What stands above all findings: the currency, and what the electrician wants to say. */
function AboveAll({ prices }: { prices: Prices }) {
  return (
    <section
      aria-label={messages.pricesAndRemark}
      className="max-w-xl space-y-4 border-y border-rule-strong py-3 print:hidden"
    >
      <p>{messages.enterAPriceUnderEachFinding}</p>
      <SelectInput
        label={messages.currency}
        options={prices.currencies}
        value={prices.currency}
        onValue={prices.setCurrency}
      />
      <TypedLines
        label={messages.toTheCustomer}
        rows={3}
        value={prices.remark}
        onValue={prices.setRemark}
        placeholder={messages.openingRemark}
      />
    </section>
  );
}

/** The price of one finding, as it is typed. */
function Price({ finding, currency, prices }: { finding: string; currency: string; prices: Prices }) {
  const isWrong = prices.isWrongAt(finding);
  return (
    <div className="pt-2 print:hidden">
      <TypedInput
        label={messages.priceIn(currency)}
        value={prices.typedAt(finding)}
        isWrong={isWrong}
        onValue={(text) => prices.type(finding, text)}
        className="w-36"
      />
      {isWrong && (
        <p role="alert" className="font-medium text-danger">
          {messages.enterAPriceFrom0To}
        </p>
      )}
    </div>
  );
}
