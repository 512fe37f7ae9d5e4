import type { Ranked, Suspect } from '@phylaxon/core/diagnosis/cases';
import { useState } from 'react';
import { PageSection, percentText } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface OrderProps {
  next: Ranked[];
  firm: ReadonlySet<string>;
  suspects: Suspect[];
  ranked: Ranked[];
  onPick: (breakerId: string) => void;
}

/** The handles in the order they are tried, with what speaks for each. */
export function FindOrder({ next, firm, suspects, ranked, onPick }: OrderProps) {
  const [all, setAll] = useState(false);
  const nameOf = (id: string) => suspects.find(({ breakerId }) => breakerId === id)!;
  const shown = all
    ? ranked
    : ranked.filter(({ breakerId }) => firm.has(breakerId) || next.some((n) => n.breakerId === breakerId));
  return (
    <PageSection title={messages.mostLikelyBreakersFirst}>
      <ol className="divide-y divide-rule">
        {shown.map(({ breakerId, chance, why }) => {
          const { place, label } = nameOf(breakerId);
          const number = next.findIndex((one) => one.breakerId === breakerId) + 1;
          return (
            <li key={breakerId} className="flex flex-wrap items-center gap-x-3 py-1">
              <span className="figures w-5 font-bold">{number > 0 ? number : ''}</span>
              <span className="figures w-14 text-ink-soft">{place || messages.main}</span>
              <span className="min-w-40 flex-1">
                <span className="font-medium">{label ?? messages.circuitNotNamed}</span>
                {why.length > 0 && <span className="block text-sm text-ink-soft">{why.join('; ')}</span>}
              </span>
              {firm.has(breakerId) ? (
                <span className="text-sm text-ink-soft">{messages.firm}</span>
              ) : (
                <span className="figures text-sm text-ink-soft">{percentText(chance)}</span>
              )}
              <button
                type="button"
                onClick={() => onPick(breakerId)}
                aria-label={messages.thisIsTheOne(label ?? place)}
                className="min-h-11 px-1 text-sm font-medium underline underline-offset-4"
              >
                {messages.thisIsTheOneLabel}
              </button>
            </li>
          );
        })}
      </ol>
      <button
        type="button"
        onClick={() => setAll(!all)}
        className="min-h-11 font-medium underline underline-offset-4"
      >
        {all ? messages.showOnlyTheMostLikely : messages.showAll(ranked.length)}
      </button>
    </PageSection>
  );
}
