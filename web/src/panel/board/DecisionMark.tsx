import { classes, type FamilyMark } from '../../shared/ui/index.ts';

const LOOKS: Record<FamilyMark['look'], string> = {
  stop: 'bg-danger-lit px-2 font-bold text-enamel-sunk uppercase tracking-wide',
  act: 'border border-heed-lit px-1.5 font-semibold text-heed-lit',
  ask: 'border border-dashed border-enamel-soft px-1.5 text-enamel-text',
  rest: 'border border-transparent px-1.5 text-good-lit @max-[12rem]:px-0',
};

/** The decision as a word on the board; its frame tells its kind without colour. */
export function DecisionMark({ mark }: { mark: FamilyMark }) {
  return (
    <span
      className={classes(
        'rounded-xs @max-[12rem]:order-2 text-xs leading-4 whitespace-nowrap',
        LOOKS[mark.look],
      )}
    >
      {mark.word}
    </span>
  );
}
