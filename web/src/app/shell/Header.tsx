import type { Profile } from '@phylaxon/core/facts/vocabulary';
import { PenLine, Settings } from 'lucide-react';
import { Link } from 'react-router';
import { useReadingLine, useProfile } from '../../shared/stores/index.ts';

const PROFILES: { value: Profile; label: string }[] = [
  { value: 'homeowner', label: 'Homeowner' },
  { value: 'electrician', label: 'Electrician' },
];

/** The strip over every view: home, who is at work, the settings. */
export function Header() {
  const { profile, setProfile } = useProfile();
  const openLine = useReadingLine((state) => state.open);
  return (
    <header className="on-enamel flex h-14 items-center gap-1 border-b border-enamel-line bg-enamel-sunk px-3 text-enamel-text sm:px-4 print:hidden">
      <Link to="/" className="mr-auto flex min-h-11 items-center text-lg font-bold tracking-wide">
        Phylaxon
      </Link>
      <fieldset className="flex">
        <legend className="sr-only">Who is at work?</legend>
        {PROFILES.map(({ value, label }) => (
          <label
            key={value}
            className="flex min-h-11 items-center border-b-4 border-transparent px-2 has-checked:border-heed-lit has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-heed-lit sm:px-3"
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
      <button
        type="button"
        onClick={openLine}
        aria-keyshortcuts="/"
        className="hidden min-h-11 items-center gap-2 rounded-xs px-3 hover:bg-enamel-line/60 sm:flex"
      >
        <PenLine aria-hidden="true" className="size-5" /> Log a line
        <kbd className="rounded-xs border border-enamel-line px-1.5 font-mono text-sm text-enamel-soft">
          /
        </kbd>
      </button>
      <Link
        to="/settings"
        aria-label="Settings"
        className="flex size-11 items-center justify-center rounded-xs hover:bg-enamel-line/60"
      >
        <Settings aria-hidden="true" className="size-5" />
      </Link>
    </header>
  );
}
