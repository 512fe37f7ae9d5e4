import {
  readingLine,
  entriesFromLine,
  unlikely,
  wantedOf,
  type Added,
  type LineEntry,
  type NotUnderstood,
  type MissingDetail,
} from '@phylaxon/core/record/readingLine';
import { logTogetherCommand, type TogetherEntry } from '@phylaxon/core/commands';
import { useMemo, useState } from 'react';
import { entries as send, zoneHere } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import { sayError, useUnits } from '../../shared/ui/index.ts';
import { sendEntries, useProfile, useReadingLine } from '../../shared/stores/index.ts';
import { useSettings } from '../../shared/queries/index.ts';
import { earlierLines, rememberLine } from './earlierLines.ts';
import type { LinePlaces } from './usePlaces.ts';
import * as messages from './messages.ts';

/** One thing of the line, with what is still to be said of it. */
export interface Piece {
  entry: LineEntry;
  added: Added;
  wanted: MissingDetail | null;
  /** Why it is asked back once. */
  doubt: string | null;
}

/** What became of the last line. */
export type Became = { is: 'stored' | 'waiting'; label: string } | { is: 'refused'; message: string } | null;

const zone = zoneHere();
/** So many characters are read in a few milliseconds. */
const MOST_AT_ONCE = 1000;
const newText = (text: string) => ({ text, now: new Date().toISOString() });

/** A line as it is typed: what it means, what is missing, and how it is stored. */
export function useTypedLine({ board, places, panelId, here, caseId }: LinePlaces) {
  const units = useUnits();
  const { temperature } = useSettings();
  const profile = useProfile((state) => state.profile);
  const [typed, setTyped] = useState(() => newText(useReadingLine.getState().text));
  const [added, setAdded] = useState<Record<string, Added>>({});
  const [asked, setAsked] = useState<string | null>(null);
  const [became, setBecame] = useState<Became>(null);
  const [busy, setBusy] = useState(false);
  const [lastAirC, setLastAirC] = useState<number | null>(null);
  const [back, setBack] = useState(0);
  const { text, now } = typed;
  const question = useMemo(
    () =>
      text.trim() === '' ? null : { text, now, zone, places, temperature, ...(here !== null && { here }) },
    [text, now, places, temperature, here],
  );
  // A line is read between two key strokes, so that Enter finds it read; what is long is read beside the page.
  const isShort = text.length <= MOST_AT_ONCE;
  const short = useMemo(() => (question && isShort ? readingLine(question) : null), [question, isShort]);
  const long = useComputation('reading-line', isShort ? null : question);
  const answer = isShort ? short : long;
  // What was understood of another text is not shown for this one.
  const isCurrent =
    answer !== null && [...answer.entries, ...answer.notUnderstood].every(({ to }) => to <= text.length);
  const notUnderstood: NotUnderstood[] = isCurrent ? answer.notUnderstood : [];
  const lineAirC = Object.values(added).find(({ airC }) => airC !== undefined)?.airC;

  const pieces: Piece[] = (isCurrent ? answer.entries : []).map((entry) => {
    const own = { ...(lineAirC !== undefined && { airC: lineAirC }), ...added[keyOf(entry)] };
    const shown = board?.breakers.find(({ breaker }) => breaker.id === entry.placeId);
    const load = shown?.load && shown.load.by !== 'nameplates' ? shown.load : null;
    const before: Parameters<typeof unlikely>[2] = load
      ? [{ quantity: 'current', point: load.by === 'plug' ? 'plug' : 'conductor', value: load.amps }]
      : [];
    return {
      entry,
      added: own,
      wanted: wantedOf(entry, own),
      doubt: entry.kind === 'reading' && shown ? unlikely(entry, shown.breaker.ratingAmps, before) : null,
    };
  });
  const missing = pieces.find(({ wanted }) => wanted !== null) ?? null;
  const mayNot = forbidden();

  function forbidden(): string | null {
    if (pieces.length === 0 || missing !== null) return null;
    return logTogetherCommand.refuses?.(profile, { entries: listed(false) } as never) ?? null;
  }

  function listed(withCase = true): TogetherEntry[] {
    return pieces.map(
      ({ entry, added: own }) =>
        ({
          breakerId: entry.placeId,
          ...entriesFromLine(entry, own, withCase ? caseId : null),
        }) as TogetherEntry,
    );
  }

  const change = (next: string) => {
    setTyped(newText(next));
    setAdded({});
    setAsked(null);
    setBack(0);
    if (next !== '') setBecame(null);
  };

  /** What has to be looked at once more before it is stored. */
  const doubts = [
    ...(notUnderstood.length > 0
      ? [
          messages.notUnderstoodAndWillNotBe(
            notUnderstood.length === 1 ? messages.onePartIs : messages.partsAre(notUnderstood.length),
          ),
        ]
      : []),
    ...pieces.flatMap(({ doubt }) => (doubt ? [doubt] : [])),
  ];

  const store = async () => {
    if (busy || panelId === null || board === null || pieces.length === 0 || missing || mayNot) return;
    if (doubts.length > 0 && asked !== text) {
      setAsked(text);
      return;
    }
    const pending = await send.together(panelId, board.panel.name, listed());
    setBusy(true);
    try {
      const is = await sendEntries(pending);
      const air = pieces.find(({ entry }) => entry.kind === 'reading' && entry.quantity === 'temperature');
      if (air) setLastAirC(airOf(air));
      rememberLine(text.trim());
      change('');
      setBecame({ is, label: pending.label });
    } catch (error) {
      setBecame({ is: 'refused', message: sayError(error) });
    } finally {
      setBusy(false);
    }
  };

  /** Bring back a line that was stored before, or go forward again. */
  const recall = (by: 1 | -1): boolean => {
    const lines = earlierLines();
    const next = back + by;
    if (next < 0 || next > lines.length) return false;
    change(next === 0 ? '' : lines.at(-next)!);
    setBack(next);
    return true;
  };

  return {
    text,
    now,
    units,
    pieces,
    notUnderstood,
    missing,
    mayNot,
    doubts,
    isAsked: asked === text && text !== '',
    busy,
    became,
    lastAirC,
    isRecalled: back > 0,
    change,
    recall,
    store,
    add: ({ entry }: Piece, more: Added) =>
      setAdded((all) => ({ ...all, [keyOf(entry)]: { ...all[keyOf(entry)], ...more } })),
  };
}

export const keyOf = ({ from, kind }: LineEntry) => `${kind} ${from}`;

const airOf = ({ entry, added }: Piece) =>
  (entry.kind === 'reading' && entry.quantity === 'temperature' ? entry.ambientC : undefined) ??
  added.airC ??
  null;
