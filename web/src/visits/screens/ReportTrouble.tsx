import { troubleOf, troublesOn } from '@phylaxon/core/visit/work';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { enteredFact } from './answers.ts';
import * as messages from './messages.ts';

/** What may be amiss at this moment: told with one tap, with what was done and entered before it; what to do is said. */
export function ReportTrouble() {
  const { record, state, tell, entered } = useVisitWork();
  const { busy, problem, run } = useAction();
  const all = troublesOn(record.plan, state, (step) => enteredFact(step, entered));
  if (all.length === 0) return null;
  return (
    <details className="border-t border-rule-strong">
      <summary className="min-h-11 py-2 text-lg font-bold">{messages.reportAProblem}</summary>
      <ul className="space-y-2 pb-2">
        {all.map(({ id, trouble, before }) => (
          <li key={`${id} ${trouble}`}>
            <Button
              look="quiet"
              className="w-full text-left"
              disabled={busy}
              onClick={() => void run(() => tell([...before, { is: 'found', id, trouble }]))}
            >
              {troubleOf(trouble).words}
            </Button>
          </li>
        ))}
      </ul>
      <FieldError message={problem ?? undefined} />
    </details>
  );
}
