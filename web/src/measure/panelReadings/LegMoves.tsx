import { TRACE_NEUTRAL } from '@phylaxon/core/views/planning';
import { ampsOf, legSums, type LegBasis, type LegCircuit, type LegsView } from '@phylaxon/core/views/legs';
import { useMemo } from 'react';
import { entries } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, SendButton } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** The best moves of each number. */
export function Moves({ view, basis }: { view: LegsView; basis: LegBasis }) {
  const question = useMemo(() => {
    const single = view.circuits.filter(({ legs }) => legs.length === 1);
    if (single.length === 0) return null;
    return {
      circuits: single.map((circuit) => ({
        id: circuit.breakerId,
        leg: circuit.legs[0]!,
        amps: ampsOf(circuit, basis) ?? 0,
        movable: circuit.mayMove && ampsOf(circuit, basis) !== null,
      })),
      freeSpaces: view.freeSpaces,
    };
  }, [view, basis]);
  const answer = useComputation('leg-balance', question);
  if (!answer) return null;
  const { A, B } = view.freeSpaces;
  // Two-pole loads stay where they are, and count on both.
  const across = legSums(
    view.circuits.filter(({ legs }) => legs.length === 2),
    basis,
  );
  return (
    <section aria-label={messages.moves} className="mt-4">
      <h3 className="text-lg font-bold">{messages.movesThatBalanceTheLegs}</h3>
      <p className="text-ink-soft">
        {messages.thePlanMovesOrSwapsSingle(A, A === 1 ? 'space' : 'spaces', B)}
      </p>
      {answer.options.length === 0 ? (
        <p className="mt-2 font-semibold">{messages.noMoveWithinTheseSpaces}</p>
      ) : (
        <ol className="mt-2 divide-y divide-rule">
          {answer.options.map((option) => (
            <Option
              key={option.moves}
              option={{ ...option, A: option.A + across.A, B: option.B + across.B }}
              circuits={view.circuits}
            />
          ))}
        </ol>
      )}
      <p className="mt-2 text-sm text-ink-soft">{messages.balanceForTheWholeYearSummer}</p>
    </section>
  );
}

interface OptionProps {
  option: { moves: number; move: string[]; A: number; B: number; imbalanceAmps: number };
  circuits: readonly LegCircuit[];
}

function Option({ option, circuits }: OptionProps) {
  const moved = option.move.map((id) => circuits.find(({ breakerId }) => breakerId === id)!);
  const notes = () =>
    moved.map(({ breakerId, place, label, legs }) =>
      entries.note(breakerId, `${place} ${label}`, {
        at: new Date().toISOString(),
        note: messages.toDoMoveToASpace(
          legs[0] === 'A' ? 'B' : 'A',
          option.moves,
          option.moves === 1 ? 'move' : 'moves',
          ampsText(option.A),
          ampsText(option.B),
        ),
      }),
    );
  return (
    <li className="py-2">
      <p>
        <strong>
          {option.moves} {option.moves === 1 ? 'move' : 'moves'}:
        </strong>{' '}
        {moved
          .map(({ place, label, legs }) => messages.toLeg(place, label, legs[0] === 'A' ? 'B' : 'A'))
          .join('; ')}
      </p>
      {moved.some(({ isNeutralTraced }) => !isNeutralTraced) && <p>{TRACE_NEUTRAL}</p>}
      <p className="flex flex-wrap items-center gap-x-4">
        <span>
          {messages.thenAndDifference(
            <span className="figures">{ampsText(option.A)}</span>,
            <span className="figures">{ampsText(option.B)}</span>,
            <strong className="figures">{ampsText(option.imbalanceAmps)}</strong>,
          )}
        </span>
        <SendButton
          once
          entries={notes}
          stored={messages.savedAsANoteAtEach}
          waiting={messages.savedHereTheNotesAreSent}
        >
          {messages.saveAsATaskForThe}
        </SendButton>
      </p>
    </li>
  );
}
