import {
  inspectionWords,
  STATION_WORDS,
  type PurposeId,
  type StationId,
} from '@phylaxon/core/facts/inspection';
import type { Board } from '@phylaxon/core/views/board';
import { isNormal, sayResult, stationItems, type KnownResult } from '@phylaxon/core/views/inspection';
import { useMemo, type ReactNode } from 'react';
import { entries, type Sendable } from '../../shared/api/index.ts';
import { useTaps } from '../../shared/stores/index.ts';
import { Button, useUnits } from '../../shared/ui/index.ts';
import { isNoReading, restNormal, stationAnswers } from './answers.ts';
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
  isWrong: boolean;
  entry: () => Sendable;
  forget: () => void;
}

/** A station: what is asked there, what is known already, and the end of it. */
export function StationForm({ inspection, station, board, known, children }: Props) {
  const { inspectionId, purpose } = inspection;
  const items = useMemo(
    () => stationItems(station, inspection, board.breakers, known),
    [station, inspection, board.breakers, known],
  );
  const round = `${inspectionId} ${station}`;
  const { tapped: all, tap, forget } = useTaps();
  const tapped = all[round] ?? {};
  const { results, skipped } = stationAnswers(items, tapped);
  const rest = restNormal(items, tapped);
  const open = items.filter(({ asked }) => asked.length > 0);
  return (
    <section aria-label={STATION_WORDS[station]} className="space-y-3">
      {open.map((item) => (
        <ItemForm
          key={item.item}
          item={item}
          breakers={board.breakers}
          tapped={tapped}
          tap={(key, answer) => tap(round, [key], answer)}
        />
      ))}
      {open.length === 0 && <p className="text-lg">{messages.everythingHereIsOnRecord}</p>}
      <OnRecord known={items.flatMap((item) => item.known)} board={board} />
      <div className="space-y-3 border-t border-rule-strong pt-3">
        {rest.length > 0 && (
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
          label: (whole) => (skipped.length === 0 ? whole : messages.saveAndSkip(skipped.length)),
          isWrong: Object.entries(tapped).some(
            ([key, typed]) => key.startsWith('outlet-voltage ') && isNoReading(typed),
          ),
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
