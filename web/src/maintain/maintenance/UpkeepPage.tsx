import { dutyOf, type MaintenanceTaskId } from '@phylaxon/core/facts/upkeep';
import { suspensionOf } from '@phylaxon/core/views/board';
import type { UpkeepFollows, UpkeepView } from '@phylaxon/core/views/upkeep';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { fileAddresses } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { asButton, Button, Notice, PageHead, Suspended, useUnits } from '../../shared/ui/index.ts';
import { useChanges, useProfile } from '../../shared/stores/index.ts';
import { OwnDates } from './OwnDates.tsx';
import { RoundOfUpkeep } from './RoundOfUpkeep.tsx';

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
  return (
    <main className="mx-auto max-w-3xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead backTo={`/panels/${panelId}`} back={board?.panel.name ?? 'The panel'} title="Maintenance">
        <p className="text-ink-soft">
          A breaker that is never moved may not open when it must. Exercise the breakers at each clock change.
          Press test buttons monthly.
        </p>
      </PageHead>
      {problem && <Notice title={problem} />}
      {suspension && isSuspended && (
        <Suspended
          title="Do not exercise breakers at this panel until the hazard is dealt with."
          suspension={suspension}
        />
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
  'clock-changes': ', when the clocks are changed',
  months: '',
  own: ', by your own dates',
};

/** What is due, the most overdue first. */
function Due({ upkeep, panel, onBegin }: DueProps) {
  const { dateText } = useUnits();
  const profile = useProfile((state) => state.profile);
  return (
    <ul aria-label="What is due" className="divide-y divide-rule border-y border-rule-strong">
      {upkeep.duties.map((state) => {
        const { duty, lastAt, dueAt, isDue, breakerIds, follows } = state;
        const { name, behindCover, of } = dutyOf(duty);
        const isTheirs = profile === 'electrician' || behindCover !== true;
        return (
          <li key={duty} className="flex flex-wrap items-center justify-between gap-3 py-3">
            <p>
              <strong className="block text-lg">{name}</strong>
              <span className={isDue ? 'font-semibold text-heed' : ''}>
                {isDue ? '▸ Due' : 'Next'}{' '}
                {isDue && lastAt === null ? 'now (no record of it)' : dateText(dueAt)}
                {FOLLOWS[follows]}
              </span>
              {of !== 'panel' && (
                <span className="text-ink-soft">
                  , {breakerIds.length} {breakerIds.length === 1 ? 'breaker' : 'breakers'}
                </span>
              )}
              {lastAt !== null && <span className="text-ink-soft">, last {dateText(lastAt)}</span>}
            </p>
            {isTheirs ? (
              <Button
                look={isDue ? 'primary' : 'quiet'}
                aria-label={`Begin: ${name}`}
                onClick={() => onBegin(duty)}
              >
                Begin
              </Button>
            ) : (
              <span className="text-sm text-ink-soft">A qualified electrician does it.</span>
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
        Add to calendar (ICS)
      </a>
      <span className="min-w-0 text-sm wrap-anywhere text-ink-soft">
        To subscribe: <span className="figures">{new URL(address, window.location.href).href}</span>
      </span>
    </p>
  );
}

/** Rounds that were made stay on record. */
function Made({ upkeep }: { upkeep: UpkeepView }) {
  const { dateText } = useUnits();
  if (upkeep.rounds.length === 0) return null;
  return (
    <section aria-label="Rounds that were made">
      <h2 className="text-xl font-bold">Rounds that were made</h2>
      <ul className="divide-y divide-rule">
        {upkeep.rounds.map(({ entryId, at, duty, count, amiss }) => (
          <li key={entryId} className="flex flex-wrap justify-between gap-x-4 py-2">
            <span>
              {dutyOf(duty).name}:{' '}
              {amiss === 0 ? `✓ ${count} as they should be` : `✕ ${amiss} of ${count} not as it should be`}
            </span>
            <span className="text-ink-soft">{dateText(at)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
