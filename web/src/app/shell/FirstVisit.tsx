import { Button } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';

/** The one thing a first visit must know. Until it is answered, nothing behind the cover is offered. */
export function FirstVisit() {
  const { said, setProfile } = useProfile();
  if (said) return null;
  return (
    <section
      aria-label="Who is at work here?"
      className="border-b border-rule-strong bg-bone-raised px-4 py-4 sm:px-6 print:hidden"
    >
      <h2 className="text-xl font-bold">Who is at work here?</h2>
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <p className="flex items-center gap-3">
          <Button onClick={() => setProfile('homeowner')}>Homeowner</Button>
          <span>The cover stays closed.</span>
        </p>
        <p className="flex items-center gap-3">
          <Button look="quiet" onClick={() => setProfile('electrician')}>
            Electrician
          </Button>
          <span>Qualified to open it.</span>
        </p>
      </div>
    </section>
  );
}
