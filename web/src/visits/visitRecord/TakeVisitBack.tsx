import { entries } from '../../shared/api/index.ts';
import { SendButton } from '../../shared/ui/index.ts';
import { useVisitWork } from './useVisit.ts';

/** A visit that was not begun is taken back. */
export function TakeVisitBack() {
  const { record } = useVisitWork();
  return (
    <SendButton
      stored="Taken back"
      entries={() => [entries.strike('panelEntries', record.entryId, 'Not planned any more')]}
      once
    >
      Take the visit back
    </SendButton>
  );
}
