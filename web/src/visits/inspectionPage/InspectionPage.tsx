import {
  isNormal,
  PURPOSE_IDS,
  PURPOSE_WORDS,
  STATION_WORDS,
  STATIONS,
  type StationId,
} from '@phylaxon/core/facts/inspection';
import { suspensionOf } from '@phylaxon/core/views/board';
import type { InspectionSummary } from '@phylaxon/core/views/inspection';
import { useEffect, useMemo, useRef } from 'react';
import { Link, useParams } from 'react-router';
import { useChanges, useProfile, useTaps } from '../../shared/stores/index.ts';
import {
  asButton,
  Button,
  classes,
  later,
  Notice,
  PageHead,
  SendButton,
  Suspended,
  useUnits,
} from '../../shared/ui/index.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';
import { StationForm } from '../inspection/index.ts';
import { useInspection } from './useInspection.ts';

const Findings = later(async () => (await import('./Findings.tsx')).Findings);

const DONE = 'done';

type Ready = Extract<ReturnType<typeof useInspection>, { isReady: true }>;

/** An inspection with no complaint: one walk, station by station, and what it came to. */
export function InspectionPage() {
  const { panelId = '' } = useParams();
  const inspection = useInspection(panelId);
  // At hand before it is needed, should the server be gone by then.
  useEffect(() => Findings.fetch(), []);
  useChanges(`/panels/${panelId}`);
  useBoardLayer(useFindingLayer(inspection));
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={inspection.isReady ? inspection.board.panel.name : messages.panel}
        title={messages.inspection}
      >
        <p className="text-ink-soft">{messages.oneWalkNoComplaint}</p>
      </PageHead>
      {inspection.problem && <Notice title={inspection.problem} />}
      {inspection.isReady && <Shown {...inspection} />}
    </main>
  );
}

/** A hazard of the whole panel ends the walk: what was found so far stands. */
function Shown(inspection: Ready) {
  const { board, view, current } = inspection;
  const suspension = suspensionOf(board.breakers);
  if (suspension.ofPanel('exercise'))
    return (
      <>
        <Suspended title={messages.stopTheInspection} suspension={suspension} />
        <Findings view={view} board={board} />
      </>
    );
  return current === null ? <Begin {...inspection} /> : <Walk {...inspection} current={current} />;
}

/** Breakers with a finding, on the board. */
function useFindingLayer(inspection: ReturnType<typeof useInspection>) {
  const view = inspection.isReady ? inspection.view : null;
  return useMemo(() => {
    if (view === null) return null;
    const found = view.known.filter((one) => one.breakerId !== null && !isNormal(one));
    return {
      title: messages.findingsByBreaker,
      marks: new Map(
        found.map(({ breakerId }): [string, BoardMark] => [
          breakerId!,
          { text: messages.found, look: 'act' },
        ]),
      ),
    };
  }, [view]);
}

const PurposeButtons = ({ begin }: Pick<Ready, 'begin'>) => (
  <div className="mt-3 flex flex-wrap gap-3">
    {PURPOSE_IDS.map((purpose) => (
      <Button key={purpose} look="quiet" className="min-h-14" onClick={() => begin(purpose)}>
        {PURPOSE_WORDS[purpose]}
      </Button>
    ))}
  </div>
);

/** Why, and what was inspected before. */
function Begin({ begin, view, board }: Ready) {
  const { dateText } = useUnits();
  return (
    <>
      <section
        aria-label={messages.purpose}
        className="border-l-8 border-heed bg-bone-raised px-4 py-4 sm:px-6"
      >
        <h2 className="text-2xl font-bold">{messages.whyAreYouInspecting}</h2>
        <PurposeButtons begin={begin} />
      </section>
      {view.inspections.length > 0 && (
        <>
          <Findings view={view} board={board} />
          <section aria-label={messages.pastInspections}>
            <h2 className="text-xl font-bold">{messages.pastInspections}</h2>
            <ul className="divide-y divide-rule">
              {view.inspections.map(({ inspectionId, purpose, lastAt, stations }) => (
                <li key={inspectionId} className="flex flex-wrap justify-between gap-x-4 py-2">
                  <span>
                    {PURPOSE_WORDS[purpose]}:{' '}
                    {stations.map((one) => STATION_WORDS[one].toLowerCase()).join(', ')}
                  </span>
                  <span className="text-ink-soft">{dateText(lastAt)}</span>
                </li>
              ))}
            </ul>
          </section>
        </>
      )}
    </>
  );
}

/** The station that is next; behind the cover, a visit. */
function Walk({
  current,
  stations,
  board,
  view,
  begin,
}: Pick<Ready, 'stations' | 'board' | 'view' | 'begin'> & { current: InspectionSummary }) {
  const { tapped, tap } = useTaps();
  // What was sent from here counts, though the server may not have it yet.
  const isDone = (one: StationId) =>
    current.stations.includes(one) || tapped[current.inspectionId]?.[one] === DONE;
  const station = stations.find((one) => !isDone(one)) ?? null;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, [station]);
  return (
    <>
      <Progress stations={stations} isDone={isDone} station={station} />
      {station === null ? (
        <Findings view={view} board={board} />
      ) : (
        <section className="border-l-8 border-heed bg-bone-raised px-4 py-4 sm:px-6">
          <h2 ref={heading} tabIndex={-1} className="scroll-mt-24 text-2xl font-bold outline-none">
            {STATION_WORDS[station]}
          </h2>
          {STATIONS[station].isInside ? (
            <Inside siteId={board.site.id} panelId={board.panel.id} />
          ) : (
            <StationForm
              key={station}
              inspection={current}
              station={station}
              board={board}
              known={view.known}
            >
              {({ label, isUnfinished, entry, forget }) => (
                <SendButton
                  look="primary"
                  disabled={isUnfinished}
                  stored={messages.saved}
                  entries={() => [entry()]}
                  onTold={() => {
                    forget();
                    tap(current.inspectionId, [station], DONE);
                  }}
                >
                  {label(messages.saveAndContinue)}
                </SendButton>
              )}
            </StationForm>
          )}
        </section>
      )}
      {station !== null && STATIONS[station].isInside && <Findings view={view} board={board} />}
      <details className="border-t border-rule">
        <summary className="min-h-11 py-2 font-semibold">{messages.startAnotherInspection}</summary>
        <PurposeButtons begin={begin} />
      </details>
    </>
  );
}

/** Behind the cover the gates of a visit hold. */
function Inside({ siteId, panelId }: { siteId: string; panelId: string }) {
  const isElectrician = useProfile((state) => state.profile) === 'electrician';
  return (
    <div className="space-y-3">
      <p className="text-lg">{messages.theInsideIsInspectedDeEnergized}</p>
      {isElectrician && (
        <p>
          <Link to={`/sites/${siteId}/visits?panel=${panelId}&task=inspect`} className={asButton('primary')}>
            {messages.planTheVisit}
          </Link>
        </p>
      )}
    </div>
  );
}

/** Where the walk is. */
function Progress({
  stations,
  isDone,
  station,
}: {
  stations: readonly StationId[];
  isDone: (one: StationId) => boolean;
  station: StationId | null;
}) {
  return (
    <ol aria-label={messages.stations} className="flex flex-wrap gap-x-5 gap-y-1">
      {stations.map((one) => (
        <li
          key={one}
          aria-current={one === station ? 'step' : undefined}
          className={classes(one === station ? 'font-bold' : 'text-ink-soft')}
        >
          {isDone(one) && <span aria-hidden="true">✓ </span>}
          {STATION_WORDS[one]}
          {isDone(one) && <span className="sr-only"> {messages.done}</span>}
        </li>
      ))}
    </ol>
  );
}
