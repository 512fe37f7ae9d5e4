import type { Board } from '@phylaxon/core/views/board';
import { drawing } from '../../shared/api/index.ts';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import { panelChangeOf } from './panelValues.ts';
import * as messages from './messages.ts';

type Cover = 'blank' | 'hole' | 'unknown';

const WORDS: Record<Cover, string> = {
  blank: messages.closedWithAFillerPlate,
  hole: messages.openSlot,
  unknown: messages.notNoted,
};

/** What closes a space that holds no breaker. */
export default function OpeningForm({ board, space }: { board: Board; space: number }) {
  const { problem, run } = useAction();
  const { blanks, holes } = board.panel;
  const now: Cover = blanks.includes(space) ? 'blank' : holes.includes(space) ? 'hole' : 'unknown';

  const set = (cover: Cover) => {
    const without = (list: number[]) => list.filter((one) => one !== space);
    const covered = panelChangeOf(board, {
      blanks: cover === 'blank' ? [...without(blanks), space] : without(blanks),
      holes: cover === 'hole' ? [...without(holes), space] : without(holes),
    });
    return run(() => sendNow(drawing.changePanel(board.panel.id, covered)));
  };

  return (
    <div>
      <p id="opening" className="mb-1 font-semibold">
        {messages.noBreakerInThisSpace}
      </p>
      <div role="group" aria-labelledby="opening" className="flex flex-wrap gap-2">
        {(Object.keys(WORDS) as Cover[]).map((cover) => (
          <Button
            key={cover}
            look={cover === now ? 'primary' : 'quiet'}
            aria-pressed={cover === now}
            onClick={() => void set(cover)}
          >
            {WORDS[cover]}
          </Button>
        ))}
      </div>
      {now === 'hole' && (
        <p className="mt-2 border-l-4 border-heed pl-3">{messages.energizedPartsAreBehindAnOpen}</p>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
