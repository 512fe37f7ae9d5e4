import type { Sheet } from '@phylaxon/core/board';
import type { Decision } from '@phylaxon/core/diagnose';
import { useState } from 'react';
import { classes, familyMark, timeText } from '../shared/index.ts';
import { storyOf, type StoryEntry } from './entries.ts';
import { StrikeDialog } from './StrikeDialog.tsx';

/** A decision’s headline, led by its kind where it does not say so itself. */
function titleOf(decision: Decision): string {
  const { word } = familyMark({ ...decision, stop: decision.stop.active });
  return decision.headline.startsWith(word) ? decision.headline : `${word}: ${decision.headline}`;
}

/** All that was logged of a breaker and what was decided from it, newest first. */
export function Story({ sheet }: { sheet: Sheet }) {
  const [striking, setStriking] = useState<StoryEntry | null>(null);
  const entries = storyOf(sheet);
  return (
    <div className="space-y-6">
      <section>
        <h2 className="text-lg font-bold">Logged</h2>
        {entries.length === 0 && (
          <p className="text-ink-soft">Nothing yet. The first reading starts the story.</p>
        )}
        <ul className="divide-y divide-rule">
          {entries.map((entry) => (
            <Entry key={entry.id} entry={entry} onStrike={() => setStriking(entry)} />
          ))}
        </ul>
      </section>
      <section>
        <h2 className="text-lg font-bold">Decided</h2>
        <ol className="divide-y divide-rule">
          {sheet.verdicts.map(({ id, at, decision }, i) => (
            <li key={id} className="py-2">
              <span className="figures block text-sm text-ink-soft">
                {timeText(at)}
                {i === 0 && ' · stands'}
              </span>
              <strong>{titleOf(decision)}.</strong> {decision.reasons[0]?.text}
            </li>
          ))}
        </ol>
      </section>
      {striking && <StrikeDialog entry={striking} onClose={() => setStriking(null)} />}
    </div>
  );
}

function Entry({ entry, onStrike }: { entry: StoryEntry; onStrike: () => void }) {
  const { at, what, figure, details, struck } = entry;
  return (
    <li className="flex items-start gap-3 py-2">
      <div className={classes('min-w-0 flex-1', struck && 'text-ink-soft')}>
        <span className="figures block text-sm text-ink-soft">{timeText(at)}</span>
        <span className={classes(struck && 'line-through')}>
          {what}
          {figure && <span className="figures font-semibold"> {figure}</span>}
        </span>
        {details.length > 0 && <span className="block text-sm text-ink-soft">{details.join(' · ')}</span>}
        {struck && (
          <span className="block text-sm font-medium">
            Struck {timeText(struck.at)}: {struck.why}
          </span>
        )}
      </div>
      {!struck && (
        <button
          type="button"
          onClick={onStrike}
          aria-label={`Strike: ${what} ${figure ?? ''}`}
          className="min-h-11 px-2 text-sm underline underline-offset-4 hover:bg-bone-sunk"
        >
          Strike
        </button>
      )}
    </li>
  );
}
