import type { PanelReviewView } from '@phylaxon/core/views/panelReview';
import { useMemo } from 'react';
import type { BoardLayer, BoardMark } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** How a finding bears on the panel, as a sign. */
export const MARKS = { failing: '✕', local: '!', watch: '◦', clears: '✓' } as const;

/** Each breaker with what its gravest finding says of the panel. */
export function useSignLayer(view: PanelReviewView | undefined): BoardLayer | null {
  return useMemo(() => {
    if (!view) return null;
    const marks = new Map<string, BoardMark>();
    // The gravest is written last, over the others.
    for (const bearing of ['clears', 'watch', 'local', 'failing'] as const)
      for (const sign of view.signs.filter((one) => one.bearing === bearing))
        for (const id of sign.breakerIds)
          marks.set(id, {
            text: messages.signMark(MARKS[bearing]),
            look: bearing === 'clears' ? 'good' : 'act',
          });
    return { title: messages.findingsAboutThePanel, marks };
  }, [view]);
}
