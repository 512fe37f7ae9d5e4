import type { Profile } from '@phylaxon/core/facts/vocabulary';
import { PenLine, Search, Settings } from 'lucide-react';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { useSession } from '../../shared/queries/index.ts';
import { useReadingLine, useProfile } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

const PROFILES: { value: Profile; label: string }[] = [
  { value: 'homeowner', label: messages.homeowner },
  { value: 'electrician', label: messages.electrician },
];

/** The strip over every view: home, who is at work, the settings. */
export function Header({ onSearch }: { onSearch?: () => void }) {
  const { profile, setProfile } = useProfile();
  const openLine = useReadingLine((state) => state.open);
  const session = useSession();
  const isViewer = session.is === 'in' && session.role === 'viewer';
  // A viewer works with the cover closed, whoever was at work here before.
  useEffect(() => {
    if (isViewer) setProfile('homeowner');
  }, [isViewer, setProfile]);
  return (
    <header className="on-enamel flex h-14 items-center justify-between gap-1 border-b border-enamel-line bg-enamel-sunk px-3 text-enamel-text sm:px-4 print:hidden">
      <Link
        to="/"
        className="mr-auto hidden min-h-11 items-center text-lg font-bold tracking-wide min-[23rem]:flex"
      >
        {messages.phylaxon}
      </Link>
      {onSearch && (
        <button
          type="button"
          onClick={onSearch}
          aria-keyshortcuts="Control+K"
          aria-label={messages.search}
          className="flex min-h-11 min-w-11 items-center justify-center gap-2 rounded-xs px-2 hover:bg-enamel-line/60 lg:border lg:border-enamel-line lg:px-3 lg:text-enamel-soft"
        >
          <Search aria-hidden="true" className="size-5" />
          <span className="hidden lg:inline">{messages.searchExample}</span>
          <kbd className="hidden rounded-xs border border-enamel-line px-1.5 font-mono text-sm lg:inline">
            Ctrl K
          </kbd>
        </button>
      )}
      {session.is === 'in' && !isViewer && (
        <fieldset className="flex">
          <legend className="sr-only">{messages.workingAs}</legend>
          {PROFILES.map(({ value, label }) => (
            <label
              key={value}
              className="flex min-h-11 items-center border-b-4 border-transparent px-2 has-checked:border-heed-lit has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-heed-lit max-sm:text-sm sm:px-3"
            >
              <input
                type="radio"
                name="profile"
                value={value}
                checked={profile === value}
                onChange={() => setProfile(value)}
                className="sr-only"
              />
              {label}
            </label>
          ))}
        </fieldset>
      )}
      {session.is === 'in' && !isViewer && (
        <button
          type="button"
          onClick={() => openLine()}
          aria-keyshortcuts="/"
          className="hidden min-h-11 items-center gap-2 rounded-xs px-3 hover:bg-enamel-line/60 lg:flex"
        >
          <PenLine aria-hidden="true" className="size-5" />{' '}
          {messages.log(
            <kbd className="rounded-xs border border-enamel-line px-1.5 font-mono text-sm text-enamel-soft">
              /
            </kbd>,
          )}
        </button>
      )}
      {session.is === 'in' && (
        <Link
          to="/settings"
          aria-label={messages.settings}
          className="flex size-11 items-center justify-center rounded-xs hover:bg-enamel-line/60"
        >
          <Settings aria-hidden="true" className="size-5" />
        </Link>
      )}
    </header>
  );
}
