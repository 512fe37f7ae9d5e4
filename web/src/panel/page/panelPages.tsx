import type { BreakerDetail } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { useParams } from 'react-router';
import { CircuitForm } from '../../breaker/circuit/index.ts';
import { Log } from '../../breaker/log/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { useCommands, useOutbox } from '../../shared/stores/index.ts';
import { later, Notice } from '../../shared/ui/index.ts';
import { BreakerForm, OpeningForm } from '../setup/index.ts';
import { Attention } from './Attention.tsx';
import * as messages from './messages.ts';

const BreakerDetailView = later(
  async () => (await import('../../breaker/detail/index.ts')).BreakerDetailView,
);
const SetUp = later(async () => (await import('./SetUp.tsx')).SetUp);

/** The forms are filled in where the server may be out of reach. */
const FORMS = [BreakerDetailView, Log, CircuitForm, BreakerForm, OpeningForm];

const PAGE = 'min-w-0 px-4 py-4 sm:px-6 print:hidden';

/** The board of a page; nothing while it is not there yet. */
function usePanel() {
  const { panelId = '' } = useParams();
  const { data: board } = useQuery(recordQueries.board(panelId));
  return board;
}

/** A panel with nothing chosen: what needs attention. */
export function PanelPage() {
  const board = usePanel();
  useEffect(() => FORMS.forEach((part) => part.fetch()), []);
  if (!board) return <main className={PAGE} />;
  return (
    <main className={PAGE}>
      <title>{messages.phylaxon(board.panel.name)}</title>
      <Attention board={board} />
    </main>
  );
}

/** A breaker beside its board. */
export function BreakerPage() {
  const { breakerId = '' } = useParams();
  const board = usePanel();
  const { data: told, error } = useQuery(recordQueries.detail(breakerId));
  const detail = useWithUnsentDetail(told);
  useEffect(() => FORMS.forEach((part) => part.fetch()), []);
  return (
    <main className={PAGE}>
      <title>{board ? messages.phylaxon(board.panel.name) : messages.phylaxonLabel}</title>
      {error && <Notice title={error.message} />}
      {detail && <BreakerDetailView key={breakerId} detail={detail} board={board ?? null} />}
    </main>
  );
}

/** An empty space beside its board: what closes it, or the breaker that is there. */
export function SpacePage() {
  const { space = '' } = useParams();
  const board = usePanel();
  if (!board) return <main className={PAGE} />;
  return (
    <main key={space} className={PAGE}>
      <title>{messages.phylaxon(board.panel.name)}</title>
      <div className="space-y-6">
        <h1 className="text-2xl font-bold">
          {messages.emptySpace(<span className="figures mr-2 text-ink-soft">{space}</span>)}
        </h1>
        <OpeningForm board={board} space={Number(space)} />
        <div>
          <h2 className="mb-2 border-t border-rule-strong pt-3 font-semibold">
            {messages.orEnterTheBreakerThatIs}
          </h2>
          <BreakerForm board={board} space={Number(space)} />
        </div>
      </div>
    </main>
  );
}

/** The set-up of a panel beside its board. */
export function SetUpPage() {
  const board = usePanel();
  if (!board) return <main className={PAGE} />;
  return (
    <main className={PAGE}>
      <title>{messages.phylaxon(board.panel.name)}</title>
      <SetUp key={board.panel.id} board={board} />
    </main>
  );
}

/** A breaker’s detail with what waits for the server drawn already. */
function useWithUnsentDetail(detail: BreakerDetail | undefined) {
  const all = useOutbox((state) => state.waiting);
  const draw = useCommands()?.breakerWithSent;
  return useMemo(() => {
    const waiting = all.filter(({ refused }) => refused === null);
    return detail && waiting.length > 0 && draw ? draw(detail, waiting) : detail;
  }, [all, detail, draw]);
}
