import type { PanelEntryOf, RecordingAbout } from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { attachment, entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { Notice, PageHead, sayError, SendButton, useUnits } from '../../shared/ui/index.ts';
import { RecordingView } from './RecordingView.tsx';
import { useRecordingWorker, type RecordingWorker } from './useRecordingWorker.ts';

/** A recording that is on record. */
export function RecordingPage() {
  const { panelId = '', entryId = '' } = useParams();
  const { timeText } = useUnits();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const { data } = useQuery(recordQueries.panelEntries(panelId, 'recording'));
  const shown = data?.find(({ entry }) => entry.id === entryId);
  const entry = shown?.entry as PanelEntryOf<'recording'> | undefined;
  const { api, problem } = useOpened(entry?.sha256 ?? null);
  return (
    <main className="mx-auto max-w-6xl space-y-4 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}/recordings`}
        back="Logger recordings"
        title={entry ? `Recording of ${timeText(entry.at)}` : 'Logger recording'}
      >
        {entry && (
          <p className="text-ink-soft wrap-anywhere">
            {entry.content.file}
            {entry.content.shiftedSeconds !== 0 &&
              `, its clock set right by ${entry.content.shiftedSeconds} s`}
            {entry.simulated && ', made by the simulator'}
          </p>
        )}
      </PageHead>
      {data && !shown && <Notice title="This panel has no such recording." />}
      {problem && <Notice title={problem} />}
      {entry?.struck && <Notice title={`Voided: ${entry.struck.why}. It no longer counts.`} />}
      {entry && board && api && shown?.about && (
        <RecordingView
          api={api}
          board={board}
          channels={entry.content.channels}
          about={shown.about as RecordingAbout}
          isKept={entry.struck === null}
        />
      )}
      {entry?.struck === null && (
        <p className="border-t border-rule-strong pt-3">
          <SendButton
            once
            stored="Voided. Undo restores it."
            entries={() => [entries.strike('panelEntries', entry.id, 'Not to be counted')]}
          >
            Void this recording
          </SendButton>
        </p>
      )}
    </main>
  );
}

/** The recording’s samples, in a worker of its own. */
function useOpened(sha256: string | null): { api: RecordingWorker | null; problem: string | null } {
  const { begin } = useRecordingWorker();
  const [opened, setOpened] = useState<{ api: RecordingWorker | null; problem: string | null }>({
    api: null,
    problem: null,
  });
  useEffect(() => {
    if (sha256 === null) return;
    let isWanted = true;
    const api = begin();
    void (async () => {
      try {
        await api.open(await attachment(sha256));
        if (isWanted) setOpened({ api, problem: null });
      } catch (error) {
        if (isWanted) setOpened({ api: null, problem: sayError(error) });
      }
    })();
    return () => {
      isWanted = false;
    };
  }, [sha256, begin]);
  return opened;
}
