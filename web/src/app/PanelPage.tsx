import { attentionOf, type Board as BoardData } from '@phylaxon/core/board';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { Board } from '../board/index.ts';
import { BreakerForm, DirectoryForm } from '../setup/index.ts';
import { Button, classes, Notice } from '../shared/index.ts';
import { Sheet } from '../sheet/index.ts';
import { useLivePanel, usePanel } from '../stores/index.ts';

/** A panel: the board, and beside it the sheet of what is chosen. On a phone one at a time. */
export function PanelPage() {
  const { panelId = '', breakerId, space } = useParams();
  const { board, sheet, problem, openPanel, openSheet } = usePanel();

  useEffect(() => void openPanel(panelId), [panelId, openPanel]);
  useEffect(() => {
    if (breakerId) void openSheet(breakerId);
  }, [breakerId, openSheet]);

  const heard = useLivePanel(panelId);
  const chosen = breakerId ?? (space ? `open-${space}` : null);
  // The page is about what is chosen; with nothing chosen, about the panel.
  const BoardTitle = chosen === null ? 'h1' : 'p';
  const retry = () => {
    void openPanel(panelId);
    if (breakerId) void openSheet(breakerId);
  };

  return (
    <main className="grid min-h-[calc(100dvh-3.5rem)] lg:grid-cols-[minmax(30rem,42.5rem)_minmax(0,1fr)]">
      <title>{board ? `${board.panel.name} · Phylaxon` : 'Phylaxon'}</title>
      <section
        aria-label="Board"
        className={classes('bg-enamel px-2 py-3 sm:px-4', chosen !== null && 'hidden lg:block')}
      >
        {board && (
          <div className="lg:sticky lg:top-3">
            <BoardTitle className="mb-2 flex flex-wrap items-baseline gap-x-3 text-xl font-bold text-enamel-text">
              {board.panel.name}
              <span className="text-sm font-normal text-enamel-soft">{panelText(board)}</span>
            </BoardTitle>
            <Board board={board} chosen={chosen} />
          </div>
        )}
      </section>
      <section aria-label="Sheet" className="min-w-0 px-4 py-4 sm:px-6">
        {!heard && !problem && (
          <Notice title="The server cannot be heard: what is shown may be old. It is tried again." />
        )}
        {problem && (
          <Notice title={problem}>
            <Button look="quiet" className="mt-2" onClick={retry}>
              Try again
            </Button>
          </Notice>
        )}
        {chosen !== null && (
          <p className="lg:hidden">
            <Link
              to={`/panels/${panelId}`}
              className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
            >
              ← Back to the board
            </Link>
          </p>
        )}
        {breakerId && sheet?.breaker.id === breakerId && <Sheet key={breakerId} sheet={sheet} />}
        {space && board && <FitHere key={space} panelId={panelId} space={Number(space)} />}
        {chosen === null && board && <Attention board={board} />}
      </section>
    </main>
  );
}

function panelText({ panel, breakers }: BoardData): string {
  const main = breakers.find(({ breaker }) => breaker.role === 'main');
  return [
    `${panel.spaces} spaces`,
    main ? `main ${main.breaker.ratingAmps} A` : 'no main here',
    panel.busAmps !== null && `bus ${panel.busAmps} A`,
    panel.family,
    panel.orientation === 'inverted' && 'hangs upside down',
  ]
    .filter(Boolean)
    .join(' · ');
}

function FitHere({ panelId, space }: { panelId: string; space: number }) {
  return (
    <div className="space-y-4">
      <h1 className="text-2xl font-bold">
        <span className="figures mr-2 text-ink-soft">{space}</span>
        Open space
      </h1>
      <p>
        Enter the breaker that sits here. An open hole in the cover needs a filler: live parts lie behind it.
      </p>
      <BreakerForm panelId={panelId} space={space} />
    </div>
  );
}

/** Nothing is chosen: what is most pressing, and how to go on. */
function Attention({ board }: { board: BoardData }) {
  const pressing = attentionOf(board.breakers);
  const empty = board.breakers.every(({ breaker }) => breaker.role === 'main');
  return (
    <div className="max-w-2xl">
      <h2 className="text-2xl font-bold">{attentionTitle(pressing.length, empty)}</h2>
      <ol className="mt-2 divide-y divide-rule">
        {pressing.map(({ breakerId, label, headline, stop }) => (
          <li key={breakerId}>
            <Link
              to={`/panels/${board.panel.id}/breakers/${breakerId}`}
              className="block min-h-11 py-2 hover:bg-bone-sunk"
            >
              <strong className={classes('block', stop && 'text-danger')}>{label}</strong>
              {headline}
            </Link>
          </li>
        ))}
      </ol>
      <details open={empty} className="mt-6 border-t border-rule-strong pt-2">
        <summary className="min-h-11 py-2 text-xl font-bold">Type the directory</summary>
        <DirectoryForm board={board} />
      </details>
      <p className="mt-4 text-ink-soft">
        Choose a breaker on the board to log a reading, a trip or a reset, and see what to do.
      </p>
    </div>
  );
}

function attentionTitle(pressing: number, empty: boolean): string {
  if (empty) return 'An empty panel: enter what is in it';
  return pressing === 0 ? 'Nothing asks for attention' : 'What to see to, most pressing first';
}
