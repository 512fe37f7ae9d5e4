import { TRACE_NEUTRAL } from '@phylaxon/core/views/planning';
import { LEGS } from '@phylaxon/core/panel/layout';
import { ampsOf, legSums, type LegBasis, type LegCircuit, type LegsView } from '@phylaxon/core/views/legs';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { ampsText, capital, classes, LOAD_STATE_WORDS, PageHead, SendButton } from '../../shared/ui/index.ts';
import { SupplyCheck } from './SupplyCheck.tsx';

const BASES: [LegBasis & string, string][] = [
  ['latest', 'As clamped last'],
  ...(['everything-on', 'normal', 'no-load'] as const).map((state): [LegBasis & string, string] => [
    state,
    capital(LOAD_STATE_WORDS[state]),
  ]),
  ['drawn', 'All loads as drawn'],
];

/** Both legs of a panel: the supply, what each carries, and which moves would balance them. */
export function LegsPage() {
  const { panelId = '' } = useParams();
  const { data: view } = useQuery(recordQueries.legs(panelId));
  const { data: board } = useQuery(recordQueries.board(panelId));
  const [basis, setBasis] = useState<LegBasis>('latest');
  return (
    <main className="mx-auto max-w-4xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? 'The panel'}
        title="Supply and legs"
      />
      <SupplyCheck panelId={panelId} />
      {view && (
        <section aria-label="Legs" className="border-t border-rule-strong pt-3">
          <h2 className="text-xl font-bold">What the legs carry</h2>
          <Bases view={view} basis={basis} onChoose={setBasis} />
          <Bars view={view} basis={basis} />
          <Hours view={view} onChoose={(hour) => setBasis({ hour })} chosen={basis} />
          <Moves view={view} basis={basis} />
        </section>
      )}
    </main>
  );
}

function Bases({
  view,
  basis,
  onChoose,
}: {
  view: LegsView;
  basis: LegBasis;
  onChoose: (basis: LegBasis) => void;
}) {
  const known = BASES.filter(([one]) => view.circuits.some((circuit) => (ampsOf(circuit, one) ?? 0) > 0));
  if (known.length === 0)
    return (
      <p>No current is clamped in this panel yet: clamp each conductor with the usual load on, and log it.</p>
    );
  return (
    <div role="group" aria-label="What is looked at" className="mt-2 flex flex-wrap gap-1">
      {known.map(([one, words]) => (
        <button
          key={one}
          type="button"
          aria-pressed={basis === one}
          onClick={() => onChoose(one)}
          className={classes(
            'min-h-11 border-b-4 px-3',
            basis === one ? 'border-ink font-bold' : 'border-transparent',
          )}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

function Bars({ view, basis }: { view: LegsView; basis: LegBasis }) {
  const sums = legSums(view.circuits, basis);
  const most = Math.max(sums.A, sums.B, 1);
  return (
    <div className="mt-3 space-y-2">
      {LEGS.map((leg) => (
        <div key={leg} className="grid grid-cols-[4rem_minmax(0,1fr)_6rem] items-center gap-3">
          <span className="text-lg font-bold">Leg {leg}</span>
          <span className="h-6 border border-rule-strong bg-bone-sunk">
            <svg
              viewBox="0 0 100 10"
              preserveAspectRatio="none"
              className="block h-full w-full"
              aria-hidden="true"
            >
              <rect width={(100 * sums[leg]) / most} height="10" fill="var(--color-good)" />
            </svg>
          </span>
          <span className="figures text-right text-xl font-bold">{ampsText(sums[leg])}</span>
        </div>
      ))}
      <p>
        They differ by <strong className="figures">{ampsText(Math.abs(sums.A - sums.B))}</strong>.
        {sums.unknown > 0 &&
          ` ${sums.unknown} ${sums.unknown === 1 ? 'circuit was' : 'circuits were'} not measured in this state and ${sums.unknown === 1 ? 'is' : 'are'} not counted.`}
      </p>
    </div>
  );
}

/** By hour of the day, where there is more than one. */
function Hours({
  view,
  chosen,
  onChoose,
}: {
  view: LegsView;
  chosen: LegBasis;
  onChoose: (hour: number) => void;
}) {
  const hours = [...new Set(view.circuits.flatMap(({ byHour }) => byHour.map(({ hour }) => hour)))];
  if (hours.length < 2) return null;
  const local = (hour: number) => new Date(Date.UTC(2026, 0, 1, hour)).getHours();
  const rows = hours
    .map((hour) => ({ hour, ...legSums(view.circuits, { hour }) }))
    .sort((a, b) => local(a.hour) - local(b.hour));
  return (
    <details className="mt-3">
      <summary className="min-h-11 py-2 font-semibold">By hour of the day</summary>
      <div className="overflow-x-auto">
        <table className="figures w-full text-right">
          <thead>
            <tr className="border-b border-rule-strong">
              <th scope="col" className="py-1 text-left font-semibold">
                Hour
              </th>
              <th scope="col" className="font-semibold">
                Leg A
              </th>
              <th scope="col" className="font-semibold">
                Leg B
              </th>
              <th scope="col" className="font-semibold">
                Apart
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ hour, A, B }) => (
              <tr key={hour} className="border-b border-rule">
                <th scope="row" className="text-left font-normal">
                  <button
                    type="button"
                    aria-pressed={typeof chosen === 'object' && chosen.hour === hour}
                    onClick={() => onChoose(hour)}
                    className="min-h-11 px-1 underline underline-offset-4"
                  >
                    {String(local(hour)).padStart(2, '0')}:00
                  </button>
                </th>
                <td>{ampsText(A)}</td>
                <td>{ampsText(B)}</td>
                <td>{ampsText(Math.abs(A - B))}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** The best moves of each number. */
function Moves({ view, basis }: { view: LegsView; basis: LegBasis }) {
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
    <section aria-label="Moves" className="mt-4">
      <h3 className="text-lg font-bold">Moves that would balance them</h3>
      <p className="text-ink-soft">
        Single-pole, full-size breakers without a handle tie or a shared neutral, moved to the {A} free{' '}
        {A === 1 ? 'space' : 'spaces'} of leg A and {B} of leg B, or exchanged. An electrician de-energizes
        the panel and verifies absence of voltage first.
      </p>
      {answer.options.length === 0 ? (
        <p className="mt-2 font-semibold">No move within these spaces brings them closer.</p>
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
      <p className="mt-2 text-sm text-ink-soft">
        Balance by hours and season: the summer’s cooling and the winter’s heating decide, not one day’s
        reading.
      </p>
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
        note: `To do: move to a space on leg ${legs[0] === 'A' ? 'B' : 'A'}, to balance the legs (${option.moves} ${option.moves === 1 ? 'move' : 'moves'} in all; then ${ampsText(option.A)} and ${ampsText(option.B)}).`,
      }),
    );
  return (
    <li className="py-2">
      <p>
        <strong>
          {option.moves} {option.moves === 1 ? 'move' : 'moves'}:
        </strong>{' '}
        {moved
          .map(({ place, label, legs }) => `${place} ${label} to leg ${legs[0] === 'A' ? 'B' : 'A'}`)
          .join('; ')}
      </p>
      {moved.some(({ isNeutralTraced }) => !isNeutralTraced) && <p>{TRACE_NEUTRAL}</p>}
      <p className="flex flex-wrap items-center gap-x-4">
        <span>
          then <span className="figures">{ampsText(option.A)}</span> and{' '}
          <span className="figures">{ampsText(option.B)}</span>,{' '}
          <strong className="figures">{ampsText(option.imbalanceAmps)}</strong> apart
        </span>
        <SendButton
          once
          entries={notes}
          stored="Saved as a note at each breaker"
          waiting="Saved here. The notes are sent when the server answers"
        >
          Save as a to-do for the visit
        </SendButton>
      </p>
    </li>
  );
}
