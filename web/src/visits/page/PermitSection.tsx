import {
  PERMIT_INSPECTION_WORDS,
  PERMIT_INSPECTIONS,
  PERMIT_NEED_WORDS,
  PERMIT_NEEDS,
  type Permit,
} from '@phylaxon/core/record/panelEntries';
import { permitAdvice, type VisitWithPermit } from '@phylaxon/core/views/visit';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { ChoiceButton, SendButton, TypedInput, TypedLines, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

type Entered = Omit<Permit, 'visitId'>;

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** The permit of a visit and its inspection: what is usual, and how it stands. */
export function PermitSection({ told }: { told: VisitWithPermit }) {
  const { plan, panel, permit, earlierPermits } = told;
  const { dateText } = useUnits();
  const advice = permitAdvice(
    plan.tasks.map(({ work }) => work),
    earlierPermits,
  );
  const stands: Entered = permit ?? {
    need: plan.permit === '' ? advice.need : 'needed',
    number: plan.permit,
    inspection: 'not-booked',
    bookedFor: null,
    corrections: [],
  };
  return (
    <details className="border-t border-rule-strong">
      <summary className="min-h-11 py-2 text-lg font-bold">
        {messages.permitAndInspection}{' '}
        <span className="text-base font-normal text-ink-soft">
          {PERMIT_NEED_WORDS[stands.need]}
          {stands.need === 'needed' &&
            `, ${messages.inspectionStands(
              PERMIT_INSPECTION_WORDS[stands.inspection],
              stands.bookedFor === null ? '' : dateText(`${stands.bookedFor}T12:00:00.000Z`),
            )}`}
        </span>
      </summary>
      <p className="text-ink-soft">{advice.text}</p>
      <PermitForm key={JSON.stringify(permit)} panel={panel} visitId={plan.visitId} stands={stands} />
    </details>
  );
}

interface FormProps {
  panel: VisitWithPermit['panel'];
  visitId: string;
  stands: Entered;
}

function PermitForm({ panel, visitId, stands }: FormProps) {
  const [entered, setEntered] = useState(stands);
  const [corrections, setCorrections] = useState(stands.corrections.join('\n'));
  const set = (change: Partial<Entered>) => setEntered((before) => ({ ...before, ...change }));
  const { need, number, bookedFor } = entered;
  const inspection = need === 'needed' ? entered.inspection : 'not-booked';
  return (
    <div className="space-y-3 pb-3">
      <div role="group" aria-label={messages.permitNeed} className="flex flex-wrap gap-2">
        {PERMIT_NEEDS.map((one) => (
          <ChoiceButton key={one} isChosen={need === one} onChoose={() => set({ need: one })}>
            {PERMIT_NEED_WORDS[one]}
          </ChoiceButton>
        ))}
      </div>
      {need === 'needed' && (
        <>
          <TypedInput
            label={messages.permitNumber}
            value={number}
            onValue={(text) => set({ number: text })}
            isFigure={false}
            className="w-full max-w-xs"
          />
          <p className="font-semibold">{messages.inspectionByTheAuthority}</p>
          <div role="group" aria-label={messages.inspectionByTheAuthority} className="flex flex-wrap gap-2">
            {PERMIT_INSPECTIONS.map((one) => (
              <ChoiceButton key={one} isChosen={inspection === one} onChoose={() => set({ inspection: one })}>
                {PERMIT_INSPECTION_WORDS[one]}
              </ChoiceButton>
            ))}
          </div>
          {inspection === 'booked' && (
            <label className="block">
              <span className="mb-1 block text-sm font-medium">{messages.inspectionDate}</span>
              <input
                type="date"
                value={bookedFor ?? ''}
                onChange={(event) =>
                  set({ bookedFor: event.target.value === '' ? null : event.target.value })
                }
                className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
              />
            </label>
          )}
          {inspection === 'failed' && (
            <TypedLines
              label={messages.corrections}
              hint={messages.oneOnEachLine}
              value={corrections}
              onValue={setCorrections}
              placeholder={messages.fillerPlateMissing}
              rows={3}
            />
          )}
        </>
      )}
      <SendButton
        look="primary"
        stored={messages.saved}
        entries={() => [
          entries.panelEntry(panel.id, panel.name, {
            kind: 'permit',
            at: new Date().toISOString(),
            content: {
              visitId,
              need,
              number: need === 'needed' ? number : '',
              inspection,
              bookedFor: inspection === 'booked' ? bookedFor : null,
              corrections: inspection === 'failed' ? linesOf(corrections) : [],
            },
          }),
        ]}
      >
        {messages.savePermit}
      </SendButton>
    </div>
  );
}
