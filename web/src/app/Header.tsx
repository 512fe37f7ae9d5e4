import type { Profile } from '@phylaxon/core/vocabulary';
import { Link } from 'react-router';
import { useProfile } from '../stores/index.ts';

const PROFILES: { value: Profile; label: string }[] = [
  { value: 'homeowner', label: 'Homeowner' },
  { value: 'electrician', label: 'Electrician' },
];

/** The strip over every view: home, and who is at work. */
export function Header() {
  const { profile, setProfile } = useProfile();
  return (
    <header className="on-enamel flex h-14 items-center justify-between gap-3 border-b border-enamel-line bg-enamel-sunk px-4 text-enamel-text">
      <Link to="/" className="flex min-h-11 items-center text-lg font-bold tracking-wide">
        Phylaxon
      </Link>
      <fieldset className="flex">
        <legend className="sr-only">Who is at work?</legend>
        {PROFILES.map(({ value, label }) => (
          <label
            key={value}
            className="flex min-h-11 items-center border-b-4 border-transparent px-3 has-checked:border-heed-lit has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-heed-lit"
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
    </header>
  );
}
