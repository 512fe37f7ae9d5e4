import type { PanelEntryOf, RecordingAbout } from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { attachment, entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { Notice, PageHead, sayError, SendButton, useUnits } from '../../shared/ui/index.ts';
import { RecordingView } from './RecordingView.tsx';
import { useRecordingWorker, type RecordingWorker } from './useRecordingWorker.ts';
import * as messages from './messages.ts';

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
    <main className="max-w-5xl space-y-4 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}/recordings`}
        back={messages.recordings}
        title={entry ? messages.recordingOf(timeText(entry.at)) : messages.recording}
      >
        {entry && (
          <p className="text-ink-soft wrap-anywhere">
            {entry.content.file}
            {entry.content.shiftedSeconds !== 0 && messages.clockCorrectedByS(entry.content.shiftedSeconds)}
            {entry.simulated && messages.simulated}
          </p>
        )}
      </PageHead>
      {data && !shown && <Notice title={messages.thisPanelHasNoSuchRecording} />}
      {problem && <Notice title={problem} />}
      {entry?.struck && <Notice title={messages.voidedItNoLongerCounts(entry.struck.why)} />}
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
            stored={messages.voidedYouCanUndoThis}
            entries={() => [entries.strike('panelEntries', entry.id, messages.shouldNotCount)]}
          >
            {messages.voidThisRecording}
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
