import { sheetLines, type SheetLine } from '@phylaxon/core/views/visit';
import { SimulatedMark, useUnits } from '../../shared/ui/index.ts';
import { useMemo } from 'react';
import { useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** Everything that was told on this visit, the latest first. */
export function WhatHappened() {
  const { record } = useVisitWork();
  const { dateText } = useUnits();
  const lines = useMemo(() => sheetLines(record).reverse(), [record]);
  if (lines.length === 0) return null;
  return (
    <section aria-label={messages.events}>
      <h2 className="text-xl font-bold">
        {messages.visitLog(
          <span className="text-base font-normal text-ink-soft">{dateText(lines[0]!.at)}</span>,
        )}
      </h2>
      <Lines lines={lines.slice(0, SHOWN)} />
      {lines.length > SHOWN && (
        <details className="border-t border-rule">
          <summary className="min-h-11 py-2 font-semibold">
            {messages.earlierEntries(lines.length - SHOWN)}
          </summary>
          <Lines lines={lines.slice(SHOWN)} />
        </details>
      )}
    </section>
  );
}

/** So many are in view at once; the work is above them. */
const SHOWN = 5;

function Lines({ lines }: { lines: readonly SheetLine[] }) {
  const { clockText, say } = useUnits();
  return (
    <ul className="divide-y divide-rule">
      {lines.map(({ entryId, at, where, what, figure, simulated, trouble }) => (
        <li key={entryId} className="flex flex-wrap items-baseline justify-between gap-x-3 py-1">
          <span className="min-w-0">
            <span className="text-sm text-ink-soft">{where}: </span>
            {what}
            {trouble !== null && (
              <strong className="block text-danger">
                <span aria-hidden="true">✕ </span>
                {trouble}
              </strong>
            )}
          </span>
          <span className="figures text-sm">
            {say(figure)} {simulated && <SimulatedMark />}{' '}
            <span className="text-ink-soft">{clockText(at)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
