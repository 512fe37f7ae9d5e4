import { ask } from '../../shared/api/index.ts';
import { invalidateRecord } from '../../shared/queries/index.ts';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  visitId: string;
  /** Who works on it. */
  name: string;
}

/** Somebody else works on a visit: who, and taking it over. */
export function VisitOwner({ visitId, name }: Props) {
  const { problem, busy, run } = useAction();
  const takeOver = () =>
    run(async () => {
      await ask('POST /visits/:id/owner', { params: { id: visitId }, body: {} });
      await invalidateRecord();
    });
  return (
    <section
      role="status"
      aria-label={messages.whoWorksOnThisVisit}
      className="space-y-2 border-l-8 border-heed bg-bone-raised px-4 py-3"
    >
      <p className="text-lg font-bold">{messages.worksOnThisVisit(name)}</p>
      <p>{messages.talkFirst(name)}</p>
      <Button look="quiet" disabled={busy} onClick={() => void takeOver()}>
        {messages.takeOverThisVisit}
      </Button>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
