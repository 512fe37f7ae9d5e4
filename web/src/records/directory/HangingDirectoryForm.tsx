import {
  directoryFindings,
  directoryText,
  sayDirectoryFinding,
  type DirectoryFinding,
} from '@phylaxon/core/views/directoryCard';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { PageSection, SendButton, TypedLines, useUnits } from '../../shared/ui/index.ts';

/** What hangs in the door, held against the record; kept, it is a finding until a new one hangs there. */
export function HangingDirectoryForm({ board }: { board: Board }) {
  const { panel, breakers } = board;
  const { data: entriesKnown } = useQuery(recordQueries.panelEntries(panel.id, 'hanging-directory'));
  const known = entriesKnown?.find(({ entry }) => entry.struck === null)?.entry;
  const kept = known?.kind === 'hanging-directory' ? known : null;
  const [typed, setTyped] = useState<string | null>(null);
  const { dateText } = useUnits();
  const text = typed ?? kept?.content.text ?? '';
  const findings = text.trim() === '' ? null : directoryFindings(text, breakers);
  const keep = (what: string) => [
    entries.panelEntry(panel.id, panel.name, {
      kind: 'hanging-directory',
      at: new Date().toISOString(),
      content: { text: what },
    }),
  ];
  return (
    <PageSection title="What hangs there now" level={2}>
      <TypedLines
        label="Type it as it is, a breaker a line: its space, then its name."
        hint={kept !== null && `Read there ${dateText(kept.at)}.`}
        rows={5}
        value={text}
        onValue={setTyped}
        placeholder={'1 kitchen\n2-4 stove'}
      />
      {findings && <Differences findings={findings} />}
      <p className="mt-2 flex flex-wrap gap-3">
        {findings && text !== kept?.content.text && (
          <SendButton stored="Kept" entries={() => keep(text)} onStored={() => setTyped(null)}>
            Keep what hangs there
          </SendButton>
        )}
        {findings !== null && findings.length > 0 && (
          <SendButton
            stored="Kept"
            entries={() => keep(directoryText(breakers))}
            onStored={() => setTyped(null)}
          >
            The new one hangs there now
          </SendButton>
        )}
      </p>
    </PageSection>
  );
}

function Differences({ findings }: { findings: readonly DirectoryFinding[] }) {
  return (
    <div role="status" aria-label="Differences">
      <p className="font-semibold">
        {findings.length === 0
          ? '✓ It says what the record says.'
          : `✕ ${findings.length === 1 ? 'One difference' : `${findings.length} differences`}:`}
      </p>
      <ul className="divide-y divide-rule">
        {findings.map(sayDirectoryFinding).map(({ kind, place, rest }) => (
          <li key={`${kind} ${place} ${rest}`} className="py-1">
            <strong>{kind}</strong> {place && <span className="figures">{place}</span>}
            {rest}
          </li>
        ))}
      </ul>
    </div>
  );
}
