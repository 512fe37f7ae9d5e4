import { parseSearch, type Day, type SearchResult, type Search as Wanted } from '@phylaxon/core/views/search';
import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { FieldError, useSettled, useUnits, type Units } from '../../shared/ui/index.ts';
import { KIND_NAMES, timelineLine } from '../../shared/entryWords/index.ts';
import * as messages from './messages.ts';

const EXAMPLES = [messages.steamPress, messages.tripsLastWinter];

const today = (): Day => {
  const now = new Date();
  return { year: now.getFullYear(), month: now.getMonth(), day: now.getDate() };
};
const localMidnight = ({ year, month, day }: Day) => new Date(year, month, day).toISOString();

/** How a search was understood, so that a surprise explains itself. */
function understood({ words, kinds, from, to }: Wanted, { dateText }: Units): string {
  const what = kinds.length > 0 ? kinds.map((kind) => KIND_NAMES[kind].toLowerCase()).join(' and ') : null;
  const when =
    from && to
      ? messages.fromUntilBefore(dateText(from), dateText(to))
      : from
        ? messages.since(dateText(from))
        : to
          ? messages.before(dateText(to))
          : null;
  return [what, words.length > 0 && messages.withLabel(words.join(' ')), when].filter(Boolean).join(' ');
}

/** Find breakers and entries of a site: by circuit, load, part, note, kind and time. */
export default function SearchBox({ siteId }: { siteId: string }) {
  const id = useId();
  const [text, setText] = useState('');
  const units = useUnits();
  const wanted = parseSearch(useSettled(text), today(), localMidnight);
  const isEmpty = text.trim() === '';
  const { data: result, error } = useQuery({ ...recordQueries.search(siteId, wanted), enabled: !isEmpty });

  return (
    <section aria-label={messages.search}>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {messages.searchThisSite}
      </label>
      <input
        id={id}
        type="search"
        value={text}
        autoComplete="off"
        placeholder={EXAMPLES.join(', ')}
        onChange={(event) => setText(event.target.value)}
        className="min-h-12 w-full rounded-sm border border-rule-strong bg-bone-raised px-4 py-2 text-lg placeholder:text-ink-soft"
      />
      <FieldError message={error?.message} />
      <div aria-live="polite">
        {!isEmpty && result && (
          <>
            <p className="mt-1 text-sm text-ink-soft">
              {messages.searchingFor(understood(wanted, units) || 'anything')}
            </p>
            <Found result={result} />
          </>
        )}
      </div>
    </section>
  );
}

function Found({ result: { breakers, entries, more } }: { result: SearchResult }) {
  const units = useUnits();
  const { timeText } = units;
  if (breakers.length + entries.length === 0) {
    return <p className="mt-2">{messages.noResultsTryFewerWords}</p>;
  }
  const several =
    new Set([...breakers, ...entries.map(({ where }) => where)].map(({ panelId }) => panelId)).size > 1;
  const panel = (where: SearchResult['breakers'][number]) => (several ? ` · ${where.panelName}` : '');
  return (
    <div className="mt-2 space-y-4">
      {breakers.length > 0 && (
        <ul aria-label={messages.breakersFound} className="divide-y divide-rule">
          {breakers.map((where) => (
            <li key={where.breakerId}>
              <Link
                to={`/panels/${where.panelId}/breakers/${where.breakerId}`}
                className="flex min-h-11 items-baseline gap-3 py-2 hover:bg-bone-sunk"
              >
                <span className="figures w-16 shrink-0 text-ink-soft">{where.place}</span>
                <strong>{where.label}</strong>
                <span className="text-sm text-ink-soft">{panel(where)}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      {entries.length > 0 && (
        <ol aria-label={messages.entriesFound} className="divide-y divide-rule">
          {entries.map(({ where, entry }) => {
            const line = timelineLine(entry, units);
            return (
              <li key={line.key}>
                <Link
                  to={`/panels/${where.panelId}/breakers/${where.breakerId}`}
                  className="block py-2 hover:bg-bone-sunk"
                >
                  <span className="figures block text-sm text-ink-soft">
                    {timeText(line.at)} · {where.place} {where.label}
                    {panel(where)}
                  </span>
                  <span className={line.struck ? 'line-through' : undefined}>
                    {line.what}
                    {line.figure && <span className="figures font-semibold"> {line.figure}</span>}
                  </span>
                  {line.details.length > 0 && (
                    <span className="block text-sm text-ink-soft">{line.details.join(' · ')}</span>
                  )}
                </Link>
              </li>
            );
          })}
        </ol>
      )}
      {more && <p className="text-sm text-ink-soft">{messages.moreResultsExistNarrowThe}</p>}
    </div>
  );
}
