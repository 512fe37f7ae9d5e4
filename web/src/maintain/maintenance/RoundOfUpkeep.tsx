import { dutyOf, type DutyResult } from '@phylaxon/core/facts/upkeep';
import type { Board } from '@phylaxon/core/views/board';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import { Link } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { useState } from 'react';
import { Button, ChoiceButton, placeText, SendButton } from '../../shared/ui/index.ts';
import { useTaps } from '../../shared/stores/index.ts';
import { CriticalLoadsForm } from './CriticalLoadsForm.tsx';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  state: UpkeepView['duties'][number];
  keepsPower: UpkeepView['keepsPower'];
  onEnd: () => void;
}

const THE_PANEL = 'panel';

/** What is looked after one by one in a round. */
interface Thing {
  id: string;
  title: string;
  place: string;
}

/** A round: one thing after the other, a tap each, in the order that does the least harm. */
export function RoundOfUpkeep({ board, state, keepsPower, onEnd }: Props) {
  const { panel, breakers } = board;
  const { name, how, of, results } = dutyOf(state.duty);
  const round = `${panel.id} ${state.duty}`;
  const { tapped, forget } = useTaps();
  const done = tapped[round] ?? {};
  const [said, setSaid] = useState<readonly string[] | null>(null);
  const [isAsking, setIsAsking] = useState(false);
  const last = new Set(said ?? keepsPower.breakerIds);
  const things =
    of === 'panel'
      ? [{ id: THE_PANEL, title: panel.name, place: '' }]
      : state.breakerIds.flatMap((id) => {
          const entry = breakers.find(({ breaker }) => breaker.id === id);
          return entry
            ? [{ id, title: entry.label ?? messages.notNamed, place: placeText(entry.breaker) }]
            : [];
        });
  const known = things.filter(({ id }) => done[id] !== undefined);
  const amiss = known.filter(({ id }) => !results[done[id]!]!.isGood);
  const takesPower = of === 'handles' || of === 'protected';
  const isKnown = keepsPower.isSaid || said !== null || known.length > 0;
  if (takesPower && (isAsking || !isKnown))
    return (
      <CriticalLoadsForm
        board={board}
        said={said ?? keepsPower.breakerIds}
        onSaid={(ids) => {
          setSaid(ids);
          setIsAsking(false);
        }}
      />
    );
  const atLast = takesPower ? things.filter(({ id }) => last.has(id)) : [];
  return (
    <section aria-label={messages.maintenanceTask} className="space-y-4">
      <div className="border-l-8 border-heed bg-bone-raised px-4 py-3 sm:px-6">
        <h2 className="text-2xl font-bold">{name}</h2>
        <ul className="mt-1 list-disc pl-5">
          {how.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        {takesPower && (
          <p className="mt-1 text-ink-soft">
            {atLast.length === 0 ? messages.noCriticalLoadsInThisTask : messages.criticalLoadsComeLast}{' '}
            <Button look="quiet" onClick={() => setIsAsking(true)}>
              {messages.changeCriticalLoads}
            </Button>
          </p>
        )}
      </div>
      <Things {...{ panel, round, results }} things={things.filter((thing) => !atLast.includes(thing))} />
      {atLast.length > 0 && (
        <section aria-label={messages.criticalLoadsLast} className="space-y-2">
          <h3 className="text-xl font-bold">{messages.criticalLoadsLast}</h3>
          <p>{messages.theseAreCriticalLoadsContinue}</p>
          <Things {...{ panel, round, results }} things={atLast} />
        </section>
      )}
      <p className="flex flex-wrap items-center gap-3">
        <SendButton
          look="primary"
          disabled={known.length === 0}
          stored={messages.onRecord}
          onStored={() => {
            forget(round);
            onEnd();
          }}
          entries={() => [
            entries.panelEntry(panel.id, panel.name, {
              kind: 'upkeep-round',
              at: new Date().toISOString(),
              content: {
                duty: state.duty,
                results: known.map(({ id }) => ({
                  breakerId: id === THE_PANEL ? null : id,
                  result: done[id]!,
                })),
              },
            }),
          ]}
        >
          {known.length < things.length
            ? messages.stopHereOfDone(known.length, things.length)
            : messages.allDone(amiss.length > 0 ? messages.needAttention(amiss.length) : '')}
        </SendButton>
        <Button look="quiet" onClick={onEnd}>
          {messages.stopForNow}
        </Button>
      </p>
    </section>
  );
}

interface ThingsProps {
  panel: Board['panel'];
  round: string;
  results: Readonly<Record<string, DutyResult>>;
  things: readonly Thing[];
}

/** A tap for each; what is not as it should be says what to do. */
function Things({ panel, round, results, things }: ThingsProps) {
  const { tapped, tap } = useTaps();
  const done = tapped[round] ?? {};
  return (
    <ol className="divide-y divide-rule border-y border-rule-strong">
      {things.map(({ id, title, place }) => (
        <li key={id} className="py-3">
          <p className="text-lg">
            {place && <strong className="figures">{place}</strong>} <strong>{title}</strong>
          </p>
          <div role="group" aria-label={`${place} ${title}`.trim()} className="mt-1 flex flex-wrap gap-2">
            {Object.entries(results).map(([result, { words }]) => (
              <ChoiceButton
                key={result}
                isChosen={done[id] === result}
                onChoose={() => tap(round, [id], result)}
              >
                {words}
              </ChoiceButton>
            ))}
          </div>
          {done[id] !== undefined && !results[done[id]]!.isGood && id !== THE_PANEL && (
            <p className="mt-1 font-medium text-danger">
              {messages.leaveItAsItIsAnd(
                <span aria-hidden="true">✕ </span>,
                <Link to={`/panels/${panel.id}/breakers/${id}`} className="underline underline-offset-4">
                  {messages.seeTheDecision}
                </Link>,
              )}
            </p>
          )}
        </li>
      ))}
    </ol>
  );
}
