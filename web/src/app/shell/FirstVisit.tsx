import { Button } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** The one thing a first visit must know. Until it is answered, nothing behind the cover is offered. */
export function FirstVisit() {
  const { said, setProfile } = useProfile();
  if (said) return null;
  return (
    <section
      aria-label={messages.whoIsWorkingToday}
      className="border-b border-rule-strong bg-bone-raised px-4 py-4 sm:px-6 print:hidden"
    >
      <h2 className="text-xl font-bold">{messages.whoIsWorkingToday}</h2>
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <p className="flex items-center gap-3">
          <Button onClick={() => setProfile('homeowner')}>{messages.homeowner}</Button>
          <span>{messages.worksWithTheCoverClosed}</span>
        </p>
        <p className="flex items-center gap-3">
          <Button look="quiet" onClick={() => setProfile('electrician')}>
            {messages.electrician}
          </Button>
          <span>{messages.qualifiedToOpenThePanel}</span>
        </p>
      </div>
    </section>
  );
}
