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
import * as messages from './messages.ts';

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
    <PageSection title={messages.directoryPostedNow} level={2}>
      <TypedLines
        label={messages.typeThePostedDirectoryAsIt}
        hint={kept !== null && messages.copiedOn(dateText(kept.at))}
        rows={5}
        value={text}
        onValue={setTyped}
        placeholder={messages.kitchen24Stove}
      />
      {findings && <Differences findings={findings} />}
      <p className="mt-2 flex flex-wrap gap-3">
        {findings && text !== kept?.content.text && (
          <SendButton stored={messages.saved} entries={() => keep(text)} onStored={() => setTyped(null)}>
            {messages.saveThePostedDirectory}
          </SendButton>
        )}
        {findings !== null && findings.length > 0 && (
          <SendButton
            stored={messages.saved}
            entries={() => keep(directoryText(breakers))}
            onStored={() => setTyped(null)}
          >
            {messages.theNewDirectoryIsPosted}
          </SendButton>
        )}
      </p>
    </PageSection>
  );
}

function Differences({ findings }: { findings: readonly DirectoryFinding[] }) {
  return (
    <div role="status" aria-label={messages.differences}>
      <p className="font-semibold">
        {findings.length === 0
          ? messages.thePostedDirectoryMatchesThe
          : `✕ ${findings.length === 1 ? messages.difference : messages.differencesOf(findings.length)}:`}
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
