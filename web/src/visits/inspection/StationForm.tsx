import {
  inspectionWords,
  isNormal,
  STATION_WORDS,
  type PurposeId,
  type StationId,
} from '@phylaxon/core/facts/inspection';
import type { PanelInspection } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { PANEL_STOP } from '@phylaxon/core/facts/hazards';
import {
  inspectedBreakers,
  sayResult,
  stationItems,
  type KnownResult,
} from '@phylaxon/core/views/inspection';
import { useMemo, type ReactNode } from 'react';
import { entries, type Sendable } from '../../shared/api/index.ts';
import { useTaps } from '../../shared/stores/index.ts';
import { Button, useUnits } from '../../shared/ui/index.ts';
import { isUnfinished, restNormal, stationAnswers, stopAt } from './answers.ts';
import { ItemForm } from './ItemForm.tsx';
import * as messages from './messages.ts';

/** The inspection somebody walks through. */
export interface InspectionAt {
  inspectionId: string;
  purpose: PurposeId;
  startedAt: string;
}

interface Props {
  inspection: InspectionAt;
  station: StationId;
  board: Board;
  known: readonly KnownResult[];
  /** The button that ends the station: sends what it makes, or says why it cannot. */
  children: (end: StationEnd) => ReactNode;
}

/** What a station came to so far. */
export interface StationEnd {
  /** What its button says: `whole`, unless items are left out. */
  label: (whole: string) => string;
  isUnfinished: boolean;
  results: PanelInspection['results'];
  entry: () => Sendable;
  forget: () => void;
}

/** A station: what is asked there, what is known already, and the end of it. */
export function StationForm({ inspection, station, board, known, children }: Props) {
  const { inspectionId, purpose } = inspection;
  const items = useMemo(
    () => stationItems(station, inspection, inspectedBreakers(board.breakers), known),
    [station, inspection, board.breakers, known],
  );
  const round = `${inspectionId} ${station}`;
  const { tapped: all, tap, forget } = useTaps();
  const tapped = all[round] ?? {};
  const open = items.filter(({ asked }) => asked.length > 0);
  const stop = stopAt(open, tapped);
  const isStopped = stop >= 0;
  // Whoever hears arcing is not asked to feel for heat.
  const shown = isStopped ? open.slice(0, stop + 1) : open;
  const { results, skipped } = stationAnswers(open, tapped);
  const rest = restNormal(items, tapped);
  return (
    <section aria-label={STATION_WORDS[station]} className="space-y-3">
      {shown.map((item) => (
        <ItemForm
          key={item.item}
          item={item}
          breakers={board.breakers}
          tapped={tapped}
          tap={(key, answer) => tap(round, [key], answer)}
        />
      ))}
      {isStopped && (
        <div role="alert" className="border-l-4 border-danger pl-3">
          <p className="text-lg font-bold text-danger">
            <span aria-hidden="true">✕ </span>
            {PANEL_STOP.use}
          </p>
          <ol className="list-decimal pl-5 font-medium">
            {PANEL_STOP.now.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </div>
      )}
      {open.length === 0 && <p className="text-lg">{messages.everythingHereIsOnRecord}</p>}
      <OnRecord known={items.flatMap((item) => item.known)} board={board} />
      <div className="space-y-3 border-t border-rule-strong pt-3">
        {rest.length > 0 && !isStopped && (
          <Button look="quiet" onClick={() => rest.forEach(([key, answer]) => tap(round, [key], answer))}>
            {messages.markTheRestAsNormal(rest.length)}
          </Button>
        )}
        {skipped.length > 0 && (
          <p className="text-ink-soft">
            {messages.notLookedAt(skipped.map((item) => inspectionWords(item).name).join(', '))}
          </p>
        )}
        {children({
          label: (whole) => {
            if (isStopped) return messages.saveAndStop;
            return skipped.length === 0 ? whole : messages.saveAndSkip(skipped.length);
          },
          results,
          isUnfinished: isUnfinished(shown, tapped),
          entry: () =>
            entries.panelEntry(board.panel.id, board.panel.name, {
              kind: 'inspection',
              at: new Date().toISOString(),
              content: { inspectionId, purpose, station, results, skipped },
            }),
          forget: () => forget(round),
        })}
      </div>
    </section>
  );
}

/** What is on record, and is not asked again. */
function OnRecord({ known, board }: { known: readonly KnownResult[]; board: Board }) {
  const { dateText } = useUnits();
  if (known.length === 0) return null;
  const labelOf = (id: string | null) =>
    id === null ? '' : (board.breakers.find(({ breaker }) => breaker.id === id)?.label ?? '');
  return (
    <details className="border-t border-rule">
      <summary className="min-h-11 py-2 font-semibold">
        {messages.onRecordNotAskedAgain(known.length)}
      </summary>
      <ul className="divide-y divide-rule">
        {known.map((one) => (
          <li key={`${one.item} ${one.breakerId}`} className="flex flex-wrap justify-between gap-x-4 py-1">
            <span className={isNormal(one) ? '' : 'font-medium text-danger'}>
              {!isNormal(one) && <span aria-hidden="true">✕ </span>}
              {inspectionWords(one.item).name}
              {one.breakerId !== null && `, ${labelOf(one.breakerId)}`}: {sayResult(one)}
            </span>
            <span className="text-sm text-ink-soft">{dateText(one.at)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
