import { later, PageHead } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** The tables are more than the page itself. */
const Calculators = later(async () => (await import('./Calculators.tsx')).Calculators);

/** Questions that need no record, each answered while it is typed. */
export function CalculatorsPage() {
  return (
    <main className="mx-auto max-w-4xl space-y-4 px-4 py-6">
      <PageHead backTo="/" back={messages.start} title={messages.calculators} />
      <p className="text-ink-soft">{messages.whatTheyAreFor}</p>
      <Calculators />
    </main>
  );
}
