import { entries } from '../../shared/api/index.ts';
import { SendButton } from '../../shared/ui/index.ts';
import { useVisitWork } from './useVisit.ts';
import * as messages from './messages.ts';

/** A visit that was not begun is taken back. */
export function TakeVisitBack() {
  const { record } = useVisitWork();
  return (
    <SendButton
      stored={messages.undone}
      entries={() => [entries.strike('panelEntries', record.entryId, messages.noLongerPlanned)]}
      once
    >
      {messages.undoTheVisit}
    </SendButton>
  );
}
