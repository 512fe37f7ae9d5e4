import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { Board } from '@phylaxon/core/views/board';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import { Link } from 'react-router';
import { entries } from '../api/index.ts';
import { Button, ChoiceButton, placeText, SendButton } from '../shared/index.ts';
import { useTaps } from '../stores/index.ts';

interface Props {
  board: Board;
  state: UpkeepView['duties'][number];
  onEnd: () => void;
}

const THE_PANEL = 'panel';

/** A round: one thing after the other, a tap each, in the order that does the least harm. */
export function RoundOfUpkeep({ board, state, onEnd }: Props) {
  const { panel, breakers } = board;
  const { name, how, of, results } = dutyOf(state.duty);
  const round = `${panel.id} ${state.duty}`;
  const { tapped, tap, forget } = useTaps();
  const done = tapped[round] ?? {};
  const things =
    of === 'panel'
      ? [{ id: THE_PANEL, title: panel.name, place: '' }]
      : state.breakerIds.flatMap((id) => {
          const entry = breakers.find(({ breaker }) => breaker.id === id);
          return entry ? [{ id, title: entry.label ?? 'no name', place: placeText(entry.breaker) }] : [];
        });
  const known = things.filter(({ id }) => done[id] !== undefined);
  const amiss = known.filter(({ id }) => !results[done[id]!]!.isGood);
  return (
    <section aria-label="Round" className="space-y-4">
      <div className="border-l-8 border-heed bg-bone-raised px-4 py-3 sm:px-6">
        <h2 className="text-2xl font-bold">{name}</h2>
        <ul className="mt-1 list-disc pl-5">
          {how.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        {of === 'handles' && (
          <p className="mt-1 text-ink-soft">What should not lose power comes last, together.</p>
        )}
      </div>
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
                <span aria-hidden="true">✕ </span>
                Leave it as it is, and do not force it.{' '}
                <Link to={`/panels/${panel.id}/breakers/${id}`} className="underline underline-offset-4">
                  What is decided about it
                </Link>
              </p>
            )}
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap items-center gap-3">
        <SendButton
          look="primary"
          disabled={known.length === 0}
          stored="On record"
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
            ? `End it here: ${known.length} of ${things.length} done`
            : `The round is done${amiss.length > 0 ? `, ${amiss.length} not as it should be` : ''}`}
        </SendButton>
        <Button look="quiet" onClick={onEnd}>
          Put it down
        </Button>
      </p>
    </section>
  );
}
