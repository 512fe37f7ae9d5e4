import type { PanelEntryOf, RecordingAbout, RecordingChannel } from '@phylaxon/core/record/panelEntries';
import { DRAWN_CHANNELS } from '@phylaxon/core/record/recordings';
import { CHANNEL_UNITS } from '@phylaxon/core/record/loggerTable';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { uploads, entries, newId } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, ChannelCurve, PageHead, SendButton, useUnits } from '../../shared/ui/index.ts';
import { AXIS_UNITS } from './drawnChannel.ts';
import { ImportLogger, type ReadFile } from './ImportLogger.tsx';
import { recordingPlaceWords } from './recordingPlace.ts';
import { RecordingView } from './RecordingView.tsx';
import { useRecordingWorker, type RecordingWorker } from './useRecordingWorker.ts';
import * as messages from './messages.ts';

/** The recordings of a panel: those on record, and another file. */
export function RecordingsPage() {
  const { panelId = '' } = useParams();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const worker = useRecordingWorker();
  const [read, setRead] = useState<ReadFile | null>(null);
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.recordings}
      />
      {board && <Kept board={board} />}
      {board && (
        <section aria-label={messages.anotherFile} className="border-t border-rule-strong pt-3">
          <h2 className="mb-2 text-xl font-bold">{messages.openADataLoggerFile}</h2>
          <ImportLogger board={board} begin={worker.begin} end={worker.end} onRead={setRead} />
        </section>
      )}
      {board && read && worker.api && (
        <ReadRecording
          key={read.outcome.summary.fromMs + read.fileName}
          board={board}
          read={read}
          api={worker.api}
          onDrop={() => {
            worker.end();
            setRead(null);
          }}
        />
      )}
    </main>
  );
}

function Kept({ board }: { board: Board }) {
  const { timeText } = useUnits();
  const { data } = useQuery(recordQueries.panelEntries(board.panel.id, 'recording'));
  if (!data) return null;
  if (data.length === 0) return <p className="max-w-2xl">{messages.noRecordingsYetConnectAData}</p>;
  return (
    <ul className="divide-y divide-rule">
      {data.map(({ entry, about }) => {
        const { content } = entry as PanelEntryOf<'recording'>;
        const told = about as RecordingAbout | null;
        return (
          <li key={entry.id}>
            <Link
              to={`/panels/${board.panel.id}/recordings/${entry.id}`}
              className="flex min-h-11 flex-wrap items-center justify-between gap-x-6 gap-y-1 py-2 hover:bg-bone-sunk"
            >
              <span className="min-w-0">
                <strong className={entry.struck ? 'line-through' : undefined}>
                  {content.channels.map(({ name, at }) => recordingPlaceWords(at, board) || name).join(', ')}
                </strong>
                <span className="figures block text-sm text-ink-soft">
                  {timeText(entry.at)}
                  {told &&
                    messages.samples(
                      sayDuration((told.toMs - told.fromMs) / 1000),
                      told.samples.toLocaleString('en-US'),
                    )}
                  {entry.struck && messages.voided(entry.struck.why)}
                </span>
              </span>
              {told && (
                <span className="flex flex-wrap gap-x-6 gap-y-1">
                  {told.channels.slice(0, DRAWN_CHANNELS).map((channel, i) => (
                    <ChannelCurve key={i} channel={channel} unit={AXIS_UNITS[channel.quantity]} />
                  ))}
                </span>
              )}
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

/** What a file came to, before it is kept. */
function ReadRecording({
  board,
  read,
  api,
  onDrop,
}: {
  board: Board;
  read: ReadFile;
  api: RecordingWorker;
  onDrop: () => void;
}) {
  const go = useNavigate();
  const [id] = useState(newId);
  const { summary, told } = read.outcome;
  const channels = useMemo(
    (): RecordingChannel[] =>
      read.columns.map(({ name, use }) => ({ name, quantity: CHANNEL_UNITS[use.unit].quantity, at: use.at })),
    [read],
  );
  const toKeep = async () => {
    const { sha256 } = await uploads.attachment('recording', new Blob([(await api.pack()) as BlobPart]));
    return [
      entries.panelEntry(board.panel.id, board.panel.name, {
        id,
        kind: 'recording',
        at: new Date(summary.fromMs).toISOString(),
        sha256,
        content: { channels, shiftedSeconds: read.shiftSeconds, file: read.fileName },
      }),
    ];
  };
  return (
    <section aria-label={messages.fileContents} className="space-y-4 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold wrap-anywhere">{read.fileName}</h2>
      <Told told={told} />
      <div className="flex flex-wrap gap-3">
        <SendButton
          look="primary"
          once
          stored={messages.onRecord}
          waiting={messages.waitingForTheServerTheImage}
          entries={toKeep}
          onStored={() => void go(`/panels/${board.panel.id}/recordings/${id}`)}
        >
          {messages.saveRecording}
        </SendButton>
        <Button look="quiet" onClick={onDrop}>
          {messages.discard}
        </Button>
      </div>
      <RecordingView api={api} board={board} channels={channels} about={summary} isKept={false} />
    </section>
  );
}

const lines = (count: number) => `${count.toLocaleString('en-US')} ${count === 1 ? 'line' : 'lines'}`;
const figures = (count: number) => `${count.toLocaleString('en-US')} ${count === 1 ? 'figure' : 'figures'}`;

/** What was found on the way that somebody should know. */
function Told({ told }: { told: ReadFile['outcome']['told'] }) {
  const notes = [
    told.skipped > 0 && messages.withoutATimeWereLeftOut(lines(told.skipped), told.firstSkipped),
    told.reordered > 0 && messages.wereOutOfOrderAndHave(lines(told.reordered)),
    told.doubled > 0 && messages.hadADuplicateTimeTheFirst(lines(told.doubled)),
    told.missing > 0 && messages.areMissing(figures(told.missing)),
    told.impossible > 0 && messages.areNotNumbersOrArePhysically(figures(told.impossible)),
    told.negative > 0 && messages.wereNegativeBecauseTheClampWas(figures(told.negative)),
  ].filter((note) => note !== false);
  return (
    <>
      <p>
        {messages.samplesWereRead(<span className="figures">{told.samples.toLocaleString('en-US')}</span>)}
      </p>
      {notes.length > 0 && (
        <ul className="list-disc pl-5">
          {notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
    </>
  );
}
