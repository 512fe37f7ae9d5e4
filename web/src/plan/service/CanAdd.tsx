import type { ServiceMethod } from '@phylaxon/core/code/serviceLoad';
import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import { ADDITIONS, canAdd, type Addition, type AdditionId } from '@phylaxon/core/views/planning';
import { useState } from 'react';
import { Link } from 'react-router';
import { ampsText, asButton, classes, SelectInput, TypedInput } from '../../shared/ui/index.ts';
import { SCHOOLS } from './words.ts';
import * as messages from './messages.ts';

interface Props {
  sheet: ServiceSheet;
  /** The schools that have an answer: one at least. */
  able: readonly ServiceMethod[];
  panelId: string;
}

const OPTIONS = (Object.keys(ADDITIONS) as AdditionId[]).map((value) => ({
  value,
  label: ADDITIONS[value].words,
}));

/** Whether something can be added, by the school that is the default here, or another. */
export function CanAdd({ sheet, able, panelId }: Props) {
  const [what, setWhat] = useState<AdditionId>('vehicle-charger');
  const [va, setVa] = useState<string | null>(null);
  const [chosen, setChosen] = useState<ServiceMethod>('existing');
  const method = able.includes(chosen) ? chosen : able[0]!;
  const usual = ADDITIONS[what];
  const wanted = va === null ? usual.va : Number(va.replace(',', '.'));
  const isFigure = Number.isFinite(wanted) && wanted > 0 && wanted <= 1_000_000;
  const answer = isFigure
    ? canAdd(sheet, { va: wanted, continuous: usual.continuous }, method, what === 'vehicle-charger')
    : null;
  return (
    <section aria-label={messages.canThisLoadBeAdded} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.canThisLoadBeAdded}</h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectInput
          label={messages.load}
          options={OPTIONS}
          value={what}
          onValue={(next) => {
            setWhat(next);
            setVa(null);
          }}
        />
        <TypedInput
          label={messages.ratingVa}
          value={va ?? `${usual.va}`}
          onValue={setVa}
          isWrong={!isFigure}
        />
        <SelectInput
          label={messages.method}
          options={able.map((one) => ({ value: one, label: SCHOOLS[one].name }))}
          value={method}
          onValue={setChosen}
        />
      </div>
      {!isFigure && <p className="mt-3 font-medium text-danger">{messages.enterTheNameplateRatingInVa}</p>}
      {answer && (
        <AddAnswer
          answer={answer}
          isCharger={what === 'vehicle-charger'}
          wantedVa={wanted}
          panelId={panelId}
          sheet={sheet}
        />
      )}
    </section>
  );
}

const HEADLINES: Record<Addition['answer'], string> = {
  fits: messages.yesTheServiceHasCapacity,
  smaller: messages.yesAtALowerSetting,
  managed: messages.onlyWithLoadManagement,
  grow: messages.noTheServiceMustBeUpgraded,
};

function AddAnswer({
  answer: { answer, after, settingAmps, growToAmps },
  isCharger,
  wantedVa,
  panelId,
  sheet,
}: {
  answer: Addition;
  isCharger: boolean;
  wantedVa: number;
  panelId: string;
  sheet: ServiceSheet;
}) {
  const { demandAmps } = after;
  const breaker = isCharger
    ? Math.ceil(((answer === 'smaller' ? settingAmps! : wantedVa / sheet.volts) * 1.25) / 5) * 5
    : null;
  return (
    <div
      role="status"
      className={classes('mt-3 border-l-8 pl-4', answer === 'grow' ? 'border-danger' : 'border-ink')}
    >
      <p className={classes('text-2xl font-bold', answer === 'grow' && 'text-danger')}>
        {answer === 'grow' ? '✕' : '✓'} {HEADLINES[answer]}
      </p>
      <p>
        {messages.withThisLoadTheCalculatedLoad(
          <strong className="figures">{ampsText(demandAmps)}</strong>,
          <span className="figures">{ampsText(sheet.serviceAmps)}</span>,
        )}
      </p>
      {answer === 'smaller' && (
        <p>{messages.setItToAtMostIts(<strong className="figures">{ampsText(settingAmps!)}</strong>)}</p>
      )}
      {answer === 'managed' && <p>{messages.aListedEnergyManagementSystem}</p>}
      {answer !== 'fits' && (
        <p>
          {growToAmps === null
            ? messages.atFullPowerTheServiceWould
            : messages.atFullPowerItNeedsA(growToAmps)}
        </p>
      )}
      {answer !== 'grow' && (
        <p className="mt-2">
          <Link
            to={`/panels/${panelId}/room?poles=2&amps=${breaker ?? Math.ceil((wantedVa / sheet.volts) * 1.25)}`}
            className={asButton('quiet')}
          >
            {messages.findRoomForItInThe}
          </Link>
        </p>
      )}
    </div>
  );
}
