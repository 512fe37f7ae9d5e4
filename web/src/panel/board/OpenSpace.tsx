import { classes } from '../../shared/ui/index.ts';
import type { BoardItem, Cover } from '../boardLayout/index.ts';
import * as messages from './messages.ts';

const WORDS: Record<Cover, string> = { blank: 'filler', hole: messages.openSlot, unknown: 'empty' };
const SPOKEN: Record<Cover, string> = {
  blank: messages.fillerPlate,
  hole: messages.anOpenSlotItNeedsA,
  unknown: 'empty',
};

/** A space without a breaker, for those who do not see it. */
export const spokenSpace = ({ space, cover }: BoardItem, planned?: string) =>
  messages.spaceInstallABreaker(
    space,
    SPOKEN[cover!],
    planned === undefined ? '' : messages.planned(planned),
  );

/** A space without a breaker: closed, open, or nobody has noted it. */
export function OpenSpace({ item, onSide, planned }: { item: BoardItem; onSide: boolean; planned?: string }) {
  const cover = item.cover!;
  return (
    <span
      className={classes(
        'flex w-full items-center gap-2 text-xs text-enamel-soft',
        onSide ? 'flex-col justify-center' : item.across === 1 && 'flex-row-reverse',
      )}
    >
      <span className="figures w-5 text-center">{item.space}</span>
      <span className={classes(cover === 'hole' && 'font-bold text-heed-lit')}>{WORDS[cover]}</span>
      {planned !== undefined && (
        <span className="min-w-0 truncate border border-dashed border-heed-lit px-1 text-enamel-text">
          {messages.plannedInline(planned)}
        </span>
      )}
      {cover === 'blank' && <span aria-hidden="true" className="h-3 min-w-3 flex-1 bg-enamel-line/50" />}
    </span>
  );
}
