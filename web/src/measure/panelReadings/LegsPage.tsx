import { LEGS } from '@phylaxon/core/panel/layout';
import { ampsOf, legSums, type LegBasis, type LegsView } from '@phylaxon/core/views/legs';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { ampsText, capital, classes, later, LOAD_STATE_WORDS, PageHead } from '../../shared/ui/index.ts';
import { useBoardLayer, type BoardMark } from '../../shared/workbench/index.ts';
import { Moves } from './LegMoves.tsx';
import * as messages from './messages.ts';

const AtTheMain = later(async () => (await import('./AtTheMain.tsx')).AtTheMain);
const SupplyCheck = later(async () => (await import('./SupplyCheck.tsx')).SupplyCheck);

const BASES: [LegBasis & string, string][] = [
  ['latest', messages.latestClampReadings],
  ...(['everything-on', 'normal', 'no-load'] as const).map((state): [LegBasis & string, string] => [
    state,
    capital(LOAD_STATE_WORDS[state]),
  ]),
  ['drawn', messages.allListedLoads],
];

/** Both legs of a panel: the supply, what each carries, and which moves would balance them. */
export function LegsPage() {
  const { panelId = '' } = useParams();
  const { data: view } = useQuery(recordQueries.legs(panelId));
  const { data: board } = useQuery(recordQueries.board(panelId));
  const [basis, setBasis] = useState<LegBasis>('latest');
  const layer = useMemo(
    () =>
      view
        ? {
            title: messages.currents,
            marks: new Map(
              view.circuits.flatMap((circuit): [string, BoardMark][] => {
                const amps = ampsOf(circuit, basis);
                return amps === null ? [] : [[circuit.breakerId, { text: ampsText(amps), look: 'plain' }]];
              }),
            ),
          }
        : null,
    [view, basis],
  );
  useBoardLayer(layer);
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.supplyAndLegs}
      />
      <SupplyCheck panelId={panelId} />
      {view && (
        <section aria-label={messages.legs} className="border-t border-rule-strong pt-3">
          <h2 className="text-xl font-bold">{messages.legCurrents}</h2>
          <Bases view={view} basis={basis} onChoose={setBasis} />
          <Bars view={view} basis={basis} />
          <Hours view={view} onChoose={(hour) => setBasis({ hour })} chosen={basis} />
          <Moves view={view} basis={basis} />
          <AtTheMain panelId={panelId} view={view} basis={basis} />
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
  if (known.length === 0) return <p>{messages.noClampReadingsInThisPanel}</p>;
  return (
    <div role="group" aria-label={messages.operatingState} className="mt-2 flex flex-wrap gap-1">
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
          <span className="text-lg font-bold">{messages.leg(leg)}</span>
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
        {messages.theLegsDifferBy(
          <strong className="figures">{ampsText(Math.abs(sums.A - sums.B))}</strong>,
          sums.unknown > 0 &&
            messages.notMeasuredInThisStateAnd(
              sums.unknown,
              sums.unknown === 1 ? messages.circuitWas : messages.circuitsWere,
              sums.unknown === 1 ? 'is' : 'are',
            ),
        )}
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
      <summary className="min-h-11 py-2 font-semibold">{messages.byHourOfTheDay}</summary>
      <div className="overflow-x-auto">
        <table className="figures w-full text-right">
          <thead>
            <tr className="border-b border-rule-strong">
              <th scope="col" className="py-1 text-left font-semibold">
                {messages.hour}
              </th>
              <th scope="col" className="font-semibold">
                {messages.legA}
              </th>
              <th scope="col" className="font-semibold">
                {messages.legB}
              </th>
              <th scope="col" className="font-semibold">
                {messages.difference}
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
