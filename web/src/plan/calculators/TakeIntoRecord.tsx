import { sayBreaker } from '@phylaxon/core/panel/layout';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { placeText, SelectInput, SendButton } from '../../shared/ui/index.ts';
import { useLastPanel } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** A result becomes a note of a breaker in the panel that was open last. */
export function TakeIntoRecord({ text }: { text: string }) {
  const panelId = useLastPanel(({ panel }) => panel?.panelId);
  return panelId === undefined ? null : <NoteOfBreaker panelId={panelId} text={text} />;
}

function NoteOfBreaker({ panelId, text }: { panelId: string; text: string }) {
  const { data: board } = useQuery(recordQueries.board(panelId));
  const [chosen, setChosen] = useState<string | null>(null);
  const breakers = board?.breakers ?? [];
  const entry = breakers.find(({ breaker }) => breaker.id === chosen) ?? breakers[0];
  if (!board || !entry) return null;
  const { breaker } = entry;
  return (
    <details className="border-t border-rule pt-2">
      <summary className="min-h-11 py-2">{messages.saveInTheRecord}</summary>
      <div className="flex flex-wrap items-end gap-3">
        <SelectInput
          label={messages.breakerIn(board.panel.name)}
          options={breakers.map((one) => ({
            value: one.breaker.id,
            label: sayBreaker(one.breaker, one.label),
          }))}
          value={breaker.id}
          onValue={setChosen}
        />
        <SendButton
          key={`${breaker.id} ${text}`}
          stored={messages.savedAsANote}
          entries={() => [
            entries.note(breaker.id, placeText(breaker), { note: text, at: new Date().toISOString() }),
          ]}
        >
          {messages.saveAsANote}
        </SendButton>
      </div>
    </details>
  );
}
