import { CornerDownLeft, X } from 'lucide-react';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { Button, classes, sayError } from '../../shared/ui/index.ts';
import { stepSite, useReadingLine } from '../../shared/stores/index.ts';
import { Echo } from './Echo.tsx';
import { Help } from './Help.tsx';
import { sayEntry } from './sayEntry.ts';
import { keyOf, useTypedLine, type Piece } from './useTypedLine.ts';
import { usePlaces, type LinePlaces } from './usePlaces.ts';
import { MissingDetails } from './MissingDetails.tsx';
import * as messages from './messages.ts';

/** One field for the trade’s shorthand, docked below every view: what it understood is shown before anything is stored. */
export function ReadingLine() {
  const places = usePlaces();
  const line = useTypedLine(places);
  const close = useReadingLine((state) => state.close);
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    const { current } = field;
    current?.focus();
    // What it opens with is gone on with.
    current?.setSelectionRange(current.value.length, current.value.length);
  }, []);
  const { text, pieces, notUnderstood, missing, mayNot, doubts, isAsked, became } = line;

  const onKeyDown = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    if (event.key === 'Enter' && !event.shiftKey && !event.nativeEvent.isComposing) {
      event.preventDefault();
      void line.store();
    } else if (event.key === 'ArrowUp' && (text === '' || line.isRecalled) && line.recall(1))
      event.preventDefault();
    else if (event.key === 'ArrowDown' && line.isRecalled && line.recall(-1)) event.preventDefault();
  };

  return (
    <section
      aria-label={messages.readingLine}
      className="fixed inset-x-0 bottom-0 z-30 border-t-4 border-ink bg-bone-raised px-3 pt-2 pb-3 shadow-[0_-6px_18px_rgb(0_0_0/0.25)] sm:px-6 print:hidden"
      onKeyDown={(event) => {
        if (event.key === 'Escape') close();
      }}
    >
      <div className="mx-auto max-w-5xl">
        <div className="flex items-center gap-2">
          <label htmlFor="reading-line" className="font-bold whitespace-nowrap">
            {messages.readingLine}
          </label>
          <PanelChoice places={places} />
          <button
            type="button"
            onClick={close}
            aria-label={messages.closeTheReadingLine}
            className="ml-auto flex size-11 items-center justify-center rounded-xs hover:bg-bone-sunk"
          >
            <X aria-hidden="true" className="size-5" />
          </button>
        </div>
        <div tabIndex={-1} className="max-h-[45dvh] overflow-y-auto" aria-live="polite">
          {notUnderstood.length > 0 && <Echo text={text} notUnderstood={notUnderstood} />}
          {pieces.length > 0 && <Pieces pieces={pieces} line={line} places={places} />}
          {notUnderstood.length > 0 && (
            <ul aria-label={messages.notUnderstood} className="mt-1 space-y-1">
              {notUnderstood.map(({ from, text: words, hint }) => (
                <li key={from} className="border-l-4 border-heed pl-3">
                  <strong className="font-mono">“{words}”</strong> {line.units.say(hint)}
                </li>
              ))}
            </ul>
          )}
          {missing && (
            <div className="mt-2 border-l-4 border-ink pl-3">
              <MissingDetails
                key={keyOf(missing.entry)}
                wanted={missing.wanted!}
                lastAirC={line.lastAirC}
                onAdd={(more) => {
                  line.add(missing, more);
                  field.current?.focus();
                }}
              />
            </div>
          )}
          {mayNot && (
            <p className="mt-2 font-medium text-danger">{messages.ifYouMeasuredAtAnOutlet(mayNot)}</p>
          )}
          {isAsked && !missing && !mayNot && (
            <p className="mt-2 font-semibold">
              {messages.pressEnterAgainToSaveThe(line.units.say(doubts.join(' ')))}
            </p>
          )}
          {text === '' && !became && <Hint places={places} />}
          <StoredNote line={line} places={places} />
        </div>
        <div className="mt-2 flex items-end gap-2">
          <textarea
            ref={field}
            id="reading-line"
            value={text}
            rows={1}
            maxLength={20_000}
            autoComplete="off"
            autoCapitalize="off"
            spellCheck={false}
            enterKeyHint="done"
            onChange={(event) => line.change(event.target.value)}
            onKeyDown={onKeyDown}
            placeholder={messages.amb22c}
            className="field-sizing-content max-h-40 min-h-12 min-w-0 flex-1 resize-none rounded-sm border-2 border-ink bg-bone px-3 py-2.5 font-mono text-lg"
          />
          <Button
            className="min-h-12"
            disabled={line.busy || pieces.length === 0 || missing !== null || mayNot !== null}
            onClick={() => void line.store()}
          >
            <span className="flex items-center gap-2">
              {messages.save} <CornerDownLeft aria-hidden="true" className="size-4" />
            </span>
          </Button>
        </div>
        <Help />
      </div>
    </section>
  );
}

function PanelChoice({ places: { panels, panelId, choose } }: { places: LinePlaces }) {
  if (panels.length === 0) return <p className="text-sm text-ink-soft">{messages.noPanelHasBeenSetUp}</p>;
  return (
    <select
      aria-label={messages.panel}
      value={panelId ?? ''}
      onChange={(event) => choose(event.target.value)}
      className="min-h-11 min-w-0 shrink rounded-sm border border-rule bg-bone-raised px-2"
    >
      {panels.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}

type Line = ReturnType<typeof useTypedLine>;

/** What was understood, piece by piece. */
function Pieces({ pieces, line, places }: { pieces: readonly Piece[]; line: Line; places: LinePlaces }) {
  return (
    <ol aria-label={messages.understood} className="mt-1 divide-y divide-rule">
      {pieces.map(({ entry, added, doubt }, i) => {
        const place = places.places.find(({ id }) => id === entry.placeId);
        const { what, figure, details } = sayEntry(entry, added, line.now, line.units);
        const isSame = pieces[i - 1]?.entry.placeId === entry.placeId;
        return (
          <li
            key={keyOf(entry)}
            className="items-baseline gap-x-3 py-1 sm:grid sm:grid-cols-[16rem_minmax(0,1fr)]"
          >
            <span className={classes('block min-w-0 truncate', isSame && 'text-ink-soft max-sm:sr-only')}>
              <strong className="figures">{place?.place}</strong> {place?.label}
            </span>
            <span className="block">
              {what}
              {figure && <strong className="figures ml-2 text-lg whitespace-nowrap">{figure}</strong>}
              {details.length > 0 && (
                <span className="ml-2 text-sm text-ink-soft">{details.join(' · ')}</span>
              )}
              {doubt && <span className="block font-medium text-heed">{line.units.say(doubt)}</span>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

/** What the line is for, where nothing is typed. */
function Hint({ places }: { places: LinePlaces }) {
  const here = places.places.find(({ id }) => id === places.here);
  return (
    <p className="text-sm text-ink-soft">
      {messages.enterSavesArrowUpRecalls(
        here
          ? messages.withoutANumberTheLineApplies(here.place, here.label)
          : messages.startWithTheBreakerItsNumber,
      )}
    </p>
  );
}

/** What became of the line that was stored last, and the way to take it back. */
function StoredNote({ line: { became }, places: { board } }: { line: Line; places: LinePlaces }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [undone, setUndone] = useState<string | null>(null);
  if (!became) return null;
  if (became.is === 'refused')
    return <p className="font-medium text-danger">{messages.notSaved(became.message)}</p>;
  const edit = board?.steps.undo;
  // Only what this line stored is taken back here, not what somebody did since.
  const mine = became.is === 'stored' && edit?.label === became.label ? edit : null;
  const undo = async () => {
    if (!board || !mine) return;
    const wrong = await stepSite(board.site.id, 'undo', mine.id).then(() => null, sayError);
    setProblem(wrong);
    if (wrong === null) setUndone(mine.id);
  };
  return (
    <p className="flex flex-wrap items-center gap-x-3">
      <span className="font-semibold text-good">
        {became.is === 'waiting'
          ? messages.keptHereUntilTheServerAnswers
          : undone !== null && !mine
            ? messages.undone
            : `✓ ${became.label}`}
      </span>
      {mine && (
        <button
          type="button"
          onClick={() => void undo()}
          className="min-h-11 px-2 font-semibold underline underline-offset-4"
        >
          {messages.undo}
        </button>
      )}
      {problem && <span className="font-medium text-danger">{problem}</span>}
    </p>
  );
}
