import type { Proposal } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { entries } from '../../shared/api/index.ts';
import { SendButton } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  panel: Board['panel'];
  proposal: Pick<Proposal, 'title' | 'poles' | 'ratingAmps' | 'kind'> & Partial<Proposal>;
  /** Why it is not kept yet; `null`: it may be. */
  missing?: string | null;
}

/** Keep what was worked out as a proposal: planned, and never a fact. */
export const KeepProposal = ({ panel, proposal, missing = null }: Props) => (
  <div>
    <SendButton
      look="primary"
      disabled={missing !== null}
      stored={messages.savedAsAProposal}
      entries={() => [
        entries.panelEntry(panel.id, panel.name, {
          kind: 'proposal',
          at: new Date().toISOString(),
          content: proposal,
        }),
      ]}
    >
      {messages.saveAsAProposal}
    </SendButton>
    {missing !== null && <p className="mt-1 text-sm">{missing}</p>}
  </div>
);
