import type { Breaker } from '@phylaxon/core/record/entities';
import { TIMELINE_KINDS } from '@phylaxon/core/views/timeline';
import { lazy, Suspense, useId, useState } from 'react';
import { fileAddresses } from '../../shared/api/index.ts';
import { Button, classes, SimulatedMark, Notice, useUnits } from '../../shared/ui/index.ts';
import { KIND_NAMES, timelineLine, type TimelineLine } from '../../shared/entryWords/index.ts';
import { NoteForm } from './NoteForm.tsx';
import { PhotoForm } from '../../shared/photos/index.ts';
import { StrikeDialog } from './StrikeDialog.tsx';
import { EVERYTHING, useTimeline, type TimelineChoice } from './useTimeline.ts';
import * as messages from './messages.ts';

const Chart = lazy(async () => ({ default: (await import('./Chart.tsx')).Chart }));

/** All that was logged and decided of a breaker, and of the parts before it: over time, and line by line. */
export function TimelineView({ breaker, where }: { breaker: Breaker; where: string }) {
  const [wanted, setWanted] = useState(EVERYTHING);
  const { entries, hasOlder, counts, problem, older } = useTimeline(breaker.id, wanted);
  const units = useUnits();
  const [striking, setStriking] = useState<TimelineLine | null>(null);
  const narrowed = wanted.kinds.length < TIMELINE_KINDS.length || wanted.text || wanted.from || wanted.to;
  const total = counts ? Object.values(counts).reduce((sum, n) => sum + n, 0) : 0;

  return (
    <div className="space-y-6">
      {counts && counts.readings > 0 && (
        <Suspense fallback={<p className="h-72">{messages.drawing}</p>}>
          <Chart breaker={breaker} />
        </Suspense>
      )}
      <div className="grid gap-4 sm:grid-cols-2">
        <NoteForm breaker={breaker} where={where} />
        <PhotoForm breaker={breaker} where={where} />
      </div>
      <section aria-label={messages.history}>
        <Filter wanted={wanted} counts={counts} onChange={setWanted} />
        {problem && <Notice title={problem} />}
        {entries.length === 0 && counts && (
          <p className="py-3 text-ink-soft">
            {total === 0 ? messages.noEntriesYetLogTheFirst : messages.noEntriesMatchTheseFilters}
          </p>
        )}
        <ol className="divide-y divide-rule">
          {entries
            .map((entry) => timelineLine(entry, units))
            .map((line, i) => (
              <Line
                key={line.key}
                line={line}
                earlier={entries[i]!.breakerId !== breaker.id}
                onStrike={() => setStriking(line)}
              />
            ))}
        </ol>
        {hasOlder && (
          <Button look="quiet" onClick={older}>
            {messages.showOlderEntries}
          </Button>
        )}
        {!hasOlder && narrowed && entries.length > 0 && (
          <p className="py-2 text-sm text-ink-soft">{messages.noMoreEntriesMatchTheseFilters}</p>
        )}
      </section>
      {striking && <StrikeDialog line={striking} onClose={() => setStriking(null)} />}
    </div>
  );
}

interface FilterProps {
  wanted: TimelineChoice;
  counts: Record<string, number> | null;
  onChange: (wanted: TimelineChoice) => void;
}

const FIELD = 'min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3 py-2';

/** Which kinds, which words, which days. */
function Filter({ wanted, counts, onChange }: FilterProps) {
  const id = useId();
  const toggle = (kind: (typeof TIMELINE_KINDS)[number]) => {
    const all = wanted.kinds.length === TIMELINE_KINDS.length;
    const others = wanted.kinds.filter((one) => one !== kind);
    const kinds = all ? [kind] : wanted.kinds.includes(kind) ? others : [...wanted.kinds, kind];
    onChange({ ...wanted, kinds: kinds.length === 0 ? TIMELINE_KINDS : kinds });
  };
  const all = wanted.kinds.length === TIMELINE_KINDS.length;
  return (
    <div className="mb-2 space-y-3 border-b border-rule-strong pb-3">
      <div role="group" aria-label={messages.entryTypes} className="flex flex-wrap gap-x-1">
        {TIMELINE_KINDS.map((kind) => {
          const on = !all && wanted.kinds.includes(kind);
          return (
            <button
              key={kind}
              type="button"
              aria-pressed={on}
              disabled={!on && counts?.[kind] === 0}
              onClick={() => toggle(kind)}
              className={classes(
                'min-h-11 border-b-4 px-2 hover:bg-bone-sunk disabled:text-ink-soft disabled:hover:bg-transparent',
                on ? 'border-ink font-bold' : 'border-transparent',
              )}
            >
              {KIND_NAMES[kind]} <span className="figures text-sm text-ink-soft">{counts?.[kind] ?? ''}</span>
            </button>
          );
        })}
      </div>
      <div className="flex flex-wrap gap-3">
        <label htmlFor={`${id}-text`} className="sr-only">
          {messages.searchText}
        </label>
        <input
          id={`${id}-text`}
          type="search"
          placeholder={messages.searchText}
          value={wanted.text}
          onChange={(event) => onChange({ ...wanted, text: event.target.value })}
          className={classes(FIELD, 'min-w-0 flex-1 basis-40 placeholder:text-ink-soft')}
        />
        {(['from', 'to'] as const).map((end) => (
          <label key={end} className="flex items-center gap-2 text-sm">
            {end}
            <input
              type="date"
              value={wanted[end]}
              onChange={(event) => onChange({ ...wanted, [end]: event.target.value })}
              className={FIELD}
            />
          </label>
        ))}
      </div>
    </div>
  );
}

function Line({ line, earlier, onStrike }: { line: TimelineLine; earlier: boolean; onStrike: () => void }) {
  const { timeText } = useUnits();
  const { at, what, figure, details, struck, photo, strikable } = line;
  return (
    <li className="flex items-start gap-3 py-2">
      <div className={classes('min-w-0 flex-1', struck && 'text-ink-soft')}>
        <span className="figures block text-sm text-ink-soft">
          {timeText(at)}
          {earlier && messages.earlierBreaker}
          {line.simulated && <SimulatedMark />}
        </span>
        {photo && (
          <a href={fileAddresses.photo(photo.sha256)} target="_blank" rel="noreferrer" className="mt-1 block">
            <img
              src={fileAddresses.photo(photo.sha256)}
              alt={photo.note || messages.photoOfThisBreaker}
              width={photo.width}
              height={photo.height}
              loading="lazy"
              className={classes('h-auto max-h-56 w-auto max-w-full', struck && 'opacity-50')}
            />
          </a>
        )}
        <span
          className={classes(
            'wrap-anywhere',
            struck && 'line-through',
            line.kind === 'decisions' && 'font-semibold',
          )}
        >
          {what}
          {figure && <span className="figures font-semibold"> {figure}</span>}
        </span>
        {details.length > 0 && <span className="block text-sm text-ink-soft">{details.join(' · ')}</span>}
        {struck && (
          <span className="block text-sm font-medium">
            {messages.voided(timeText(struck.at), struck.why)}
          </span>
        )}
      </div>
      {!struck && strikable && (
        <button
          type="button"
          onClick={onStrike}
          aria-label={messages.voidLabel(what, figure ?? '')}
          className="min-h-11 px-2 text-sm underline underline-offset-4 hover:bg-bone-sunk"
        >
          {messages.voidLabelLabel}
        </button>
      )}
    </li>
  );
}
