import type { Board } from '@phylaxon/core/views/board';
import { Move, Printer, Redo2, SlidersHorizontal, Undo2 } from 'lucide-react';
import { useCallback, useEffect, type ComponentType, type ReactNode } from 'react';
import { Link } from 'react-router';
import { isTyping, sayError } from '../../shared/ui/index.ts';
import { stepSite } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

interface Props {
  board: Board;
  arranging: boolean;
  /** Whether printing the page prints the board. */
  isPrinted: boolean;
  onArrange: (arranging: boolean) => void;
  /** Told what was wrong where something could not be taken back or done again; null: all is well. */
  onProblem: (problem: string | null) => void;
}

type Icon = ComponentType<{ className?: string; 'aria-hidden'?: boolean }>;

const SHAPE = 'flex min-h-11 min-w-11 items-center justify-center gap-1.5 rounded-xs px-2 text-sm';
const LOOK = `${SHAPE} text-enamel-text hover:bg-enamel-line/60 disabled:text-enamel-soft/60 disabled:hover:bg-transparent`;
const PRESSED = `${SHAPE} bg-enamel-text font-semibold text-enamel-sunk`;

/** A word beside an icon where there is room for it. */
const face = (Symbol: Icon, word: string): ReactNode => (
  <>
    <Symbol aria-hidden className="size-5 shrink-0" />
    <span className="hidden sm:inline">{word}</span>
  </>
);

/** What can be done to the board as a whole: undo, redo, arrange, change the panel, print. */
export function BoardTools({ board, arranging, isPrinted, onArrange, onProblem }: Props) {
  const { undo, redo } = board.steps;
  const step = useCallback(
    async (direction: 'undo' | 'redo') => {
      const edit = board.steps[direction];
      if (!edit) return;
      const problem = await stepSite(board.site.id, direction, edit.id).then(() => null, sayError);
      onProblem(problem);
    },
    [board, onProblem],
  );

  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) return;
      const key = event.key.toLowerCase();
      const direction = key === 'z' && !event.shiftKey ? 'undo' : key === 'y' || key === 'z' ? 'redo' : null;
      if (!direction) return;
      event.preventDefault();
      void step(direction);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [step]);

  return (
    <div className="flex shrink-0 print:hidden" role="group" aria-label={messages.panelTools}>
      <button
        type="button"
        className={LOOK}
        disabled={!undo}
        title={undo ? messages.undoCtrlZ(undo.label) : undefined}
        aria-label={undo ? messages.undo(undo.label) : messages.undoLabel}
        onClick={() => void step('undo')}
      >
        {face(Undo2, 'Undo')}
      </button>
      <button
        type="button"
        className={LOOK}
        disabled={!redo}
        title={redo ? messages.redoCtrlShiftZ(redo.label) : undefined}
        aria-label={redo ? messages.redo(redo.label) : messages.redoLabel}
        onClick={() => void step('redo')}
      >
        {face(Redo2, 'Redo')}
      </button>
      <button
        type="button"
        className={arranging ? PRESSED : LOOK}
        aria-pressed={arranging}
        aria-label={messages.arrangeBreakers}
        onClick={() => onArrange(!arranging)}
      >
        {face(Move, arranging ? messages.done : messages.arrange)}
      </button>
      <Link to={`/panels/${board.panel.id}/setup`} className={LOOK} aria-label={messages.setUpThisPanel}>
        {face(SlidersHorizontal, messages.setUp)}
      </Link>
      {isPrinted && (
        <button
          type="button"
          className={LOOK}
          aria-label={messages.printTheBoard}
          onClick={() => window.print()}
        >
          {face(Printer, 'Print')}
        </button>
      )}
    </div>
  );
}
