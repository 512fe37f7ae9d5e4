import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import { TESTS, type TestId } from '@phylaxon/core/facts/vocabulary';
import { workFor } from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { CircuitForm, ClampedAgainstKnown } from '../circuit/index.ts';
import { Advice, CoolDownNotice, DecisionCard } from '../decision/index.ts';
import { destinationOf, Log, type LogTab } from '../log/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { BreakerForm, BreakerPlace } from '../../panel/setup/index.ts';
import { asButton, breakerText, Button, classes, later, placeText, useUnits } from '../../shared/ui/index.ts';
import { LastMeasured } from './LastMeasured.tsx';
import * as messages from './messages.ts';

/** What changes at it from year to year, told before its limit. */
function FromYearToYear({ trends }: Pick<BreakerDetail, 'trends'>) {
  const { say } = useUnits();
  return (
    <section aria-label={messages.trendByYear}>
      <h2 className="font-bold">{messages.trendByYear}</h2>
      {trends.map(({ kind, text }) => (
        <p key={`${kind} ${text}`}>{say(text)}</p>
      ))}
    </section>
  );
}

/** These load when they are opened, the bench with its charts. */
const Bench = later(async () => (await import('../tripCurve/index.ts')).Bench);
const Timeline = later(async () => (await import('../timeline/index.ts')).TimelineView);

const TABS = [messages.log, messages.bench, messages.circuit, messages.record, messages.breaker] as const;

const QUICK: Record<LogTab, string> = {
  reading: messages.logAReading,
  trip: messages.logATrip,
  'no-trip': messages.logAHold,
  reset: messages.logAReset,
  look: messages.logAnObservation,
  inspection: messages.logAnInspection,
};

const testNamed = (name: string | null): TestId | undefined =>
  name !== null && Object.hasOwn(TESTS, name) ? (name as TestId) : undefined;

function formFor(test: TestId | undefined): LogTab {
  const destination = test && destinationOf(test);
  return destination === undefined || destination === 'circuit' ? 'reading' : destination;
}

/** Everything about the chosen breaker: the decision first, then the work on it. */
export function BreakerDetailView({ detail, board }: { detail: BreakerDetail; board: Board | null }) {
  const { breaker, circuit, panel, verdict, feeds, policies } = detail;
  const { decision } = verdict;
  const stopped = decision.stop.active;
  const where = `${breaker.role === 'main' ? panel.name : (circuit?.label ?? messages.circuitNotNamed)}, ${placeText(breaker)}`;
  const { data: openCases = [] } = useQuery(recordQueries.openCases());
  const open = openCases.find((one) => one.case.breakerId === breaker.id);
  const work = useRef<HTMLDivElement>(null);
  const [params] = useSearchParams();
  // A link from elsewhere may ask for a form of the log.
  const wanted = testNamed(params.get('log'));
  const [tab, setTab] = useState(0);
  const [logTab, setLogTab] = useState(() => formFor(wanted));
  const [asked, setAsked] = useState(wanted);

  const openLog = (form: LogTab) => {
    setTab(TABS.indexOf('Log'));
    setLogTab(form);
    work.current?.scrollIntoView({ block: 'start' });
  };

  const openCircuit = () => {
    setTab(TABS.indexOf('Circuit'));
    work.current?.scrollIntoView({ block: 'start' });
  };

  const openForm = (test: TestId) => {
    const destination = destinationOf(test);
    setAsked(test);
    setTab(TABS.indexOf(destination === 'circuit' ? messages.circuit : messages.log));
    if (destination !== 'circuit') setLogTab(destination);
    work.current?.scrollIntoView({ block: 'start' });
  };

  const quick = {
    caseAddress: open ? `/cases/${open.case.id}` : `/cases/new?panel=${panel.id}&breaker=${breaker.id}`,
    liveAddress: `/panels/${panel.id}/live?breaker=${breaker.id}`,
    jointsAddress: `/panels/${panel.id}/breakers/${breaker.id}/joints`,
    isOpen: open !== undefined,
    // Nothing on the way to a reset while a danger sign stands.
    forms: stopped ? (['reading', 'look'] as const) : (['reading', 'trip', 'reset'] as const),
    onLog: openLog,
  };

  useEffect(() => {
    if (wanted) work.current?.scrollIntoView({ block: 'start' });
  }, [wanted]);

  return (
    <div className="space-y-5">
      <header>
        <h1 className="text-2xl leading-tight font-bold">
          <span className="figures mr-2 text-ink-soft">{placeText(breaker)}</span>
          {breaker.role === 'main' ? panel.name : (circuit?.label ?? messages.circuitNotNamed)}
        </h1>
        <p className="text-ink-soft">{breakerText(breaker)}</p>
        {feeds && (
          <p>
            {messages.feeds(
              <Link to={`/panels/${feeds.panelId}`} className="font-semibold underline underline-offset-4">
                {feeds.name}
              </Link>,
            )}
          </p>
        )}
        <QuickActions className="mt-3 hidden sm:flex" {...quick} />
      </header>
      <DecisionCard decision={decision} changes={detail.changes} onLog={openForm}>
        {decision.action === 'separate-conductors' && (
          <p className="mt-3">
            <Link
              to={`/panels/${panel.id}/breakers/${breaker.id}/two-wires`}
              className="font-semibold underline underline-offset-4"
            >
              {messages.whatToDoAboutTwoWires}
            </Link>
          </p>
        )}
        {workFor(decision.action) !== null && breaker.role === 'branch' && (
          <p>
            <Link
              to={`/sites/${panel.siteId}/visits?breaker=${breaker.id}`}
              className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
            >
              {messages.planAVisitForThis}
            </Link>
          </p>
        )}
        {detail.coolDown && <CoolDownNotice coolDown={detail.coolDown} stopped={stopped} />}
      </DecisionCard>
      <QuickActions className="flex sm:hidden" {...quick} />
      {!stopped && <LastMeasured detail={detail} />}
      {!stopped && detail.trends.length > 0 && <FromYearToYear trends={detail.trends} />}
      <TabGroup ref={work} selectedIndex={tab} onChange={setTab} className="scroll-mt-4">
        <TabList className="flex flex-wrap border-b border-rule-strong">
          {TABS.map((name) => (
            <Tab
              key={name}
              className="min-h-11 border-b-4 border-transparent px-2 sm:px-4 sm:text-lg data-hover:bg-bone-sunk data-selected:border-ink data-selected:font-bold"
            >
              {name}
            </Tab>
          ))}
        </TabList>
        <TabPanels className="pt-4">
          <TabPanel tabIndex={-1} unmount={false}>
            <Log
              breaker={breaker}
              where={where}
              policies={policies}
              stopped={stopped}
              measuredAt={detail.measuredAt}
              tab={logTab}
              onTab={setLogTab}
              test={asked}
            />
          </TabPanel>
          <TabPanel tabIndex={-1}>
            <Bench detail={detail} onLog={openLog} onCircuit={openCircuit} />
          </TabPanel>
          <TabPanel tabIndex={-1} unmount={false}>
            <p className="mb-4 flex flex-wrap gap-2">
              <Link to={`/panels/${panel.id}/breakers/${breaker.id}/what-if`} className={asButton('quiet')}>
                {messages.tryAChange}
              </Link>
              {breaker.poles === 1 && (
                <Link
                  to={`/panels/${panel.id}/breakers/${breaker.id}/two-wires`}
                  className={asButton('quiet')}
                >
                  {messages.twoWiresUnderItsScrew}
                </Link>
              )}
            </p>
            <ClampedAgainstKnown detail={detail} />
            <CircuitForm breaker={breaker} circuit={circuit} policies={policies} isStopped={stopped} />
          </TabPanel>
          <TabPanel tabIndex={-1}>
            <Timeline breaker={breaker} where={where} />
          </TabPanel>
          <TabPanel tabIndex={-1}>
            <div className="space-y-6">
              {board && (
                <>
                  <BreakerForm board={board} breaker={breaker} />
                  <BreakerPlace breaker={breaker} board={board} />
                </>
              )}
            </div>
          </TabPanel>
        </TabPanels>
      </TabGroup>
      <Advice />
    </div>
  );
}

interface QuickProps {
  className: string;
  caseAddress: string;
  liveAddress: string;
  jointsAddress: string;
  /** A case about this breaker is open already. */
  isOpen: boolean;
  forms: readonly LogTab[];
  onLog: (form: LogTab) => void;
}

/** Ways on from here: on a wide screen beside its name, on a phone once the decision has been read. */
function QuickActions({
  className,
  caseAddress,
  liveAddress,
  jointsAddress,
  isOpen,
  forms,
  onLog,
}: QuickProps) {
  return (
    <p className={classes('flex-wrap gap-2', className)}>
      <Link to={caseAddress} className={asButton()}>
        {isOpen ? messages.continueTheOpenCase : messages.openACase}
      </Link>
      {forms.map((form) => (
        <Button key={form} look="quiet" onClick={() => onLog(form)}>
          {QUICK[form]}
        </Button>
      ))}
      <Link to={liveAddress} className={asButton('quiet')}>
        {messages.takeALiveReading}
      </Link>
      <Link to={jointsAddress} className={asButton('quiet')}>
        {messages.findABadConnection}
      </Link>
    </p>
  );
}
