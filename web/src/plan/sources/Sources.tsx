import { sayBreaker } from '@phylaxon/core/panel/layout';
import { otherSources, type OtherSources } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import {
  backupCircuits,
  panelSources,
  type BackupCircuit,
  type PlannedPanel,
  type Planning,
} from '@phylaxon/core/views/planning';
import { useMemo, useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { SelectInput, SendButton } from '../../shared/ui/index.ts';
import { handsOff } from '../proposals/index.ts';
import { BackupSection } from './BackupSection.tsx';
import { BusVerdict, SourceCard } from './SourceCard.tsx';
import { SourceForm } from './SourceForm.tsx';
import * as messages from './messages.ts';

const NONE: OtherSources = { feed: 'end', sources: [], essential: [] };

/** The circuits that are chosen, as they are stored. */
const essentialOf = (circuits: readonly BackupCircuit[]): OtherSources['essential'] =>
  circuits.flatMap(({ breakerId, watts, startingWatts, priority }) =>
    priority === null || watts === null
      ? []
      : [
          {
            ...{ breakerId, watts, priority },
            startingWatts: startingWatts === null ? null : Math.max(watts, startingWatts),
          },
        ],
  );

/** The sources of a panel as they are entered, what the bus allows, and what a backup carries. */
export function Sources({
  board,
  planning,
  planned,
}: {
  board: Board;
  planning: Planning;
  planned: PlannedPanel;
}) {
  const begun = planned.sources?.content ?? null;
  const [content, setContent] = useState(begun ?? NONE);
  const [circuits, setCircuits] = useState(() => backupCircuits(planned, handsOff(board).stopped, begun));
  const found = useMemo(() => panelSources(planning, planned, content), [planning, planned, content]);
  const { panel } = planned;
  const change = (breakerId: string, some: Partial<BackupCircuit>) =>
    setCircuits((before) => before.map((one) => (one.breakerId === breakerId ? { ...one, ...some } : one)));
  const setSources = (sources: OtherSources['sources']) => setContent((before) => ({ ...before, sources }));
  const offered = planned.breakers.flatMap(({ breaker, circuit }) =>
    breaker.role === 'branch'
      ? [{ value: breaker.id, label: sayBreaker(breaker, circuit?.label ?? null) }]
      : [],
  );
  const fed = circuits.filter(({ breakerId }) => !content.sources.some((one) => one.breakerId === breakerId));
  const sent = { ...content, essential: essentialOf(fed) };
  return (
    <>
      <section aria-label={messages.sources} className="space-y-3">
        <h2 className="text-xl font-bold">{messages.sources}</h2>
        {found.missing && <p className="font-medium text-heed">! {found.missing}</p>}
        {found.bus && <BusVerdict bus={found.bus} />}
        {found.sources.length === 0 && <p>{messages.noSources}</p>}
        <ul className="divide-y divide-rule">
          {found.sources.map((at) => (
            <SourceCard
              key={at.source.id}
              at={at}
              farSpaces={found.farSpaces}
              panelId={panel.id}
              onRemove={() => setSources(content.sources.filter(({ id }) => id !== at.source.id))}
            />
          ))}
        </ul>
        <details>
          <summary className="min-h-11 py-2 font-bold">{messages.addASource}</summary>
          <div className="space-y-3">
            <SourceForm breakers={offered} onAdd={(source) => setSources([...content.sources, source])} />
            <SelectInput
              label={messages.feed}
              options={[
                { value: 'end' as const, label: messages.atOneEnd },
                { value: 'center' as const, label: messages.atItsCenter },
              ]}
              value={content.feed}
              onValue={(feed) => setContent((before) => ({ ...before, feed }))}
            />
          </div>
        </details>
      </section>
      <BackupSection sources={content.sources} circuits={fed} onChange={change} />
      <SendButton
        look="primary"
        disabled={!otherSources.fields.safeParse(sent).success}
        stored={messages.saved}
        entries={() => [
          entries.panelEntry(panel.id, panel.name, {
            kind: 'other-sources',
            at: new Date().toISOString(),
            content: sent,
          }),
        ]}
      >
        {messages.save}
      </SendButton>
    </>
  );
}
