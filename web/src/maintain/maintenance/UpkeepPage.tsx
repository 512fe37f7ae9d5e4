import { dutyOf, type MaintenanceTaskId } from '@phylaxon/core/facts/upkeep';
import { suspensionOf } from '@phylaxon/core/views/board';
import type { UpkeepFollows, UpkeepView } from '@phylaxon/core/views/upkeep';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { fileAddresses } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { asButton, Button, Notice, PageHead, Suspended, useUnits } from '../../shared/ui/index.ts';
import { useChanges, useProfile } from '../../shared/stores/index.ts';
import { OwnDates } from './OwnDates.tsx';
import { RoundOfUpkeep } from './RoundOfUpkeep.tsx';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** What keeps a panel in order: what is due, the round that is under way, the rounds that were made. */
export function UpkeepPage() {
  const { panelId = '' } = useParams();
  const { data: board, error: noBoard } = useQuery(recordQueries.board(panelId));
  const { data: upkeep, error } = useQuery(recordQueries.upkeep(panelId));
  useChanges(`/panels/${panelId}`);
  const [duty, setDuty] = useState<MaintenanceTaskId | null>(null);
  const suspension = board && suspensionOf(board.breakers);
  const isSuspended = suspension?.ofPanel('exercise') ?? false;
  const problem = noBoard?.message ?? error?.message;
  const under = upkeep?.duties.find((one) => one.duty === duty);
  const layer = useMemo(
    () =>
      upkeep
        ? {
            title: messages.maintenanceDueByBreaker,
            marks: new Map(
              upkeep.duties
                .filter(({ isDue }) => isDue)
                .flatMap(({ breakerIds }) => breakerIds)
                .map((id): [string, BoardMark] => [id, { text: messages.dueNow, look: 'act' }]),
            ),
          }
        : null,
    [upkeep],
  );
  useBoardLayer(layer);
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.maintenance}
      >
        <p className="text-ink-soft">{messages.aBreakerThatIsNeverOperated}</p>
      </PageHead>
      {problem && <Notice title={problem} />}
      {suspension && isSuspended && (
        <Suspended title={messages.doNotExerciseBreakersInThis} suspension={suspension} />
      )}
      {board && upkeep && under && !isSuspended && (
        <RoundOfUpkeep
          key={under.duty}
          board={board}
          state={under}
          keepsPower={upkeep.keepsPower}
          onEnd={() => setDuty(null)}
        />
      )}
      {board && upkeep && (!under || isSuspended) && (
        <>
          {!isSuspended && <Due upkeep={upkeep} panel={board.panel} onBegin={setDuty} />}
          <Calendar siteId={board.site.id} />
          <Made upkeep={upkeep} />
        </>
      )}
    </main>
  );
}

interface DueProps {
  upkeep: UpkeepView;
  panel: { id: string; name: string };
  onBegin: (duty: MaintenanceTaskId) => void;
}

/** What a date follows, where that is not only so many months. */
const FOLLOWS: Record<UpkeepFollows, string> = {
  'clock-changes': messages.whenTheClocksChange,
  months: '',
  own: messages.byYourCustomDates,
};

/** What is due, the most overdue first. */
function Due({ upkeep, panel, onBegin }: DueProps) {
  const { dateText } = useUnits();
  const profile = useProfile((state) => state.profile);
  return (
    <ul aria-label={messages.maintenanceDue} className="divide-y divide-rule border-y border-rule-strong">
      {upkeep.duties.map((state) => {
        const { duty, lastAt, dueAt, isDue, breakerIds, follows } = state;
        const { name, behindCover, of } = dutyOf(duty);
        const isTheirs = profile === 'electrician' || behindCover !== true;
        return (
          <li key={duty} className="flex flex-wrap items-center justify-between gap-3 py-3">
            <p>
              <strong className="block text-lg">{name}</strong>
              <span className={isDue ? 'font-semibold text-heed' : ''}>
                {isDue ? messages.due : messages.next}{' '}
                {isDue && lastAt === null ? messages.nowNoRecordOfIt : dateText(dueAt)}
                {FOLLOWS[follows]}
              </span>
              {of !== 'panel' && (
                <span className="text-ink-soft">
                  , {breakerIds.length} {breakerIds.length === 1 ? 'breaker' : 'breakers'}
                </span>
              )}
              {lastAt !== null && <span className="text-ink-soft">{messages.lastAt(dateText(lastAt))}</span>}
            </p>
            {isTheirs ? (
              <Button
                look={isDue ? 'primary' : 'quiet'}
                aria-label={messages.start(name)}
                onClick={() => onBegin(duty)}
              >
                {messages.startLabel}
              </Button>
            ) : (
              <span className="text-sm text-ink-soft">{messages.workForAQualifiedElectrician}</span>
            )}
            <OwnDates key={dueAt} panel={panel} state={state} />
          </li>
        );
      })}
    </ul>
  );
}

/** The dates for a calendar: once as a file, or by an address that calendars ask again. */
function Calendar({ siteId }: { siteId: string }) {
  const address = fileAddresses.calendar(siteId);
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <a href={address} download className={asButton('quiet')}>
        {messages.addToCalendarIcs}
      </a>
      <span className="min-w-0 text-sm wrap-anywhere text-ink-soft">
        {messages.toSubscribe(<span className="figures">{new URL(address, window.location.href).href}</span>)}
      </span>
    </p>
  );
}

/** Rounds that were made stay on record. */
function Made({ upkeep }: { upkeep: UpkeepView }) {
  const { dateText } = useUnits();
  if (upkeep.rounds.length === 0) return null;
  return (
    <section aria-label={messages.completedMaintenance}>
      <h2 className="text-xl font-bold">{messages.completedMaintenance}</h2>
      <ul className="divide-y divide-rule">
        {upkeep.rounds.map(({ entryId, at, duty, count, amiss }) => (
          <li key={entryId} className="flex flex-wrap justify-between gap-x-4 py-2">
            <span>
              {dutyOf(duty).name}:{' '}
              {amiss === 0 ? messages.normal(count) : messages.ofNeedAttention(amiss, count)}
            </span>
            <span className="text-ink-soft">{dateText(at)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
