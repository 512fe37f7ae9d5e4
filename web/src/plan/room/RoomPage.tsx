import { protectionByPlace } from '@phylaxon/core/code/protectionByPlace';
import { standardRatingAtLeast } from '@phylaxon/core/code/sizing';
import { MOST_PLANNED_SPACES } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import { planFor, roomQuestion, type PlannedPanel, type Planning } from '@phylaxon/core/views/planning';
import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useComputation } from '../../shared/compute/index.ts';
import { later, Notice, PageHead } from '../../shared/ui/index.ts';
import { ByPlace } from './ByPlace.tsx';
import { useCode } from './codeStore.ts';
import { handsOff, usePlanned } from '../proposals/index.ts';
import { WantedCircuit } from './WantedCircuit.tsx';
import { servedBy, wishedAmps, type Wish } from './wish.ts';
import * as messages from './messages.ts';

/** What comes after the question is more than the page itself. */
const MovePlan = later(async () => (await import('./MovePlan.tsx')).MovePlan);
const Proposals = later(async () => (await import('./Proposals.tsx')).Proposals);
const RoomPlan = later(async () => (await import('./RoomPlan.tsx')).RoomPlan);

/** Room in a panel for a new circuit: the least work, step by step, before and after. */
export function RoomPage() {
  const { panelId = '' } = useParams();
  const { board, planning, planned, error } = usePlanned(panelId);
  const [params] = useSearchParams();
  // A breaker that was carried on the board, and where to.
  const [breakerId, to] = [params.get('move'), Number(params.get('to'))];
  const moved = breakerId !== null && Number.isInteger(to) && to > 0 ? { breakerId, space: to } : null;
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={moved ? messages.anotherSpaceForABreaker : messages.roomForACircuit}
      />
      {error && <Notice title={error.message} />}
      {board && planned && board.panel.spaces > MOST_PLANNED_SPACES && (
        <Notice title={messages.spacePlanningWorksForPanelsOf(MOST_PLANNED_SPACES)} />
      )}
      {board &&
        planned &&
        board.panel.spaces <= MOST_PLANNED_SPACES &&
        (moved === null ? (
          <Room key={panelId} board={board} planning={planning!} planned={planned} />
        ) : (
          <MovePlan board={board} planned={planned} {...moved} />
        ))}
      {planned && <Proposals planned={planned} />}
    </main>
  );
}

/** The space that the address asks for. */
function spaceIn(params: URLSearchParams): number | null {
  const space = Number(params.get('space'));
  return Number.isInteger(space) && space > 0 ? space : null;
}

function Room({ board, planning, planned }: { board: Board; planning: Planning; planned: PlannedPanel }) {
  const [params] = useSearchParams();
  const asked = Number(params.get('amps') ?? 20);
  const [wish, setWish] = useState<Wish>(() => ({
    title: params.get('title') ?? '',
    poles: params.get('poles') === '2' ? 2 : 1,
    ratingAmps: standardRatingAtLeast(Number.isFinite(asked) ? asked : 20) ?? 20,
    place: '',
    equipment: '',
    space: spaceIn(params),
    section: 'either',
    kind: 'by-place',
    isInlet: params.get('inlet') === '1',
    isSource: params.get('source') === '1',
    amps: params.get('load') ?? '',
    continuous: params.get('continuous') === '1',
  }));
  const change = (some: Partial<Wish>) => setWish((before) => ({ ...before, ...some }));
  const { question, stays } = useMemo(
    () =>
      roomQuestion(planned, handsOff(board), {
        poles: wish.poles,
        ...(wish.section !== 'either' && { section: wish.section }),
        besideMain: wish.isInlet,
        ...(wish.space !== null && { space: wish.space }),
      }),
    [board, planned, wish.poles, wish.section, wish.isInlet, wish.space],
  );
  const found = useComputation('space-plan', question);
  const code = useCode();
  const byPlace =
    servedBy(wish).length === 0
      ? null
      : protectionByPlace({
          serves: servedBy(wish),
          edition: code.edition,
          own: code.own,
          volts: wish.poles === 2 ? 240 : 120,
          ratingAmps: wish.ratingAmps,
          receptacles: true,
          isNew: true,
        });
  const kind = wish.kind === 'by-place' ? (byPlace?.kind ?? 'standard') : wish.kind;
  const amps = wishedAmps(wish);
  const plan = found && planFor(found, { ratingAmps: wish.ratingAmps, kind }, planned);
  return (
    <>
      <WantedCircuit wish={wish} onChange={change} panel={board.panel} />
      {byPlace && <ByPlace answer={byPlace} />}
      {plan && amps !== null && (
        <RoomPlan
          board={board}
          planning={planning}
          planned={planned}
          plan={plan}
          onAmps={(largest) => change({ amps: `${largest}` })}
          wish={wish}
          amps={amps}
          kind={kind}
          reasons={byPlace?.reasons ?? []}
        />
      )}
      <details className="border-t border-rule-strong pt-2">
        <summary className="min-h-11 py-2 text-lg font-bold">{messages.breakersThatStayWhereTheyAre}</summary>
        <ul className="space-y-1">
          {stays.map(({ breakerId, why }) => {
            const entry = board.breakers.find(({ breaker }) => breaker.id === breakerId);
            return (
              <li key={breakerId}>
                <span className="figures">{entry?.breaker.space ?? messages.main}</span> {entry?.label}: {why}
              </li>
            );
          })}
          {stays.length === 0 && <li>{messages.everyBreakerHereMayMove}</li>}
        </ul>
      </details>
    </>
  );
}
