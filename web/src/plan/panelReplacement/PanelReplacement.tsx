import { newPanelPlanInput } from '@phylaxon/core/code/panelPlan';
import { sayConductor } from '@phylaxon/core/code/sizing';
import { waitingRisks } from '@phylaxon/core/views/panelReview';
import {
  NEW_PANEL_RULE_WORDS,
  NEW_PANEL_STEP_WORDS,
  isSubpanel,
  newPanelFor,
  PERFORMER_WORDS,
  type NewPanelFor,
  type PlannedPanel,
  type Planning,
} from '@phylaxon/core/views/planning';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { ampsText, nowLocal, SelectInput, toNumber, TypedInput, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const asked = newPanelPlanInput.omit({
  ...{ demandAmps: true, spacesInUse: true, leastMainAmps: true, feederAmps: true },
});
const today = () => nowLocal().slice(0, 10);

/** The questions, and the plan as they are answered. */
export function PanelReplacement({ planning, planned }: { planning: Planning; planned: PlannedPanel }) {
  const [place, setPlace] = useState<'indoor' | 'outdoor'>('indoor');
  const [material, setMaterial] = useState<'aluminum' | 'copper'>('aluminum');
  const [startsOn, setStartsOn] = useState(today);
  const [permitDays, setPermitDays] = useState('10');
  const [utilityDays, setUtilityDays] = useState('7');
  const read = asked.safeParse({
    ...{ place, material, startsOn },
    ...{ permitDays: toNumber(permitDays), utilityDays: toNumber(utilityDays) },
  });
  const isSub = isSubpanel(planned);
  const wrong = new Set(read.error?.issues.map(({ path }) => path[0]));
  return (
    <>
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        <SelectInput
          label={messages.location}
          options={[
            { value: 'indoor' as const, label: messages.indoor },
            { value: 'outdoor' as const, label: messages.outdoor },
          ]}
          value={place}
          onValue={setPlace}
        />
        <SelectInput
          label={isSub ? messages.feederConductors : messages.conductors}
          options={[
            { value: 'aluminum' as const, label: messages.aluminum },
            { value: 'copper' as const, label: messages.copper },
          ]}
          value={material}
          onValue={setMaterial}
        />
        <label className="block">
          <span className="mb-1 block text-sm font-medium">{messages.startsOn}</span>
          <input
            type="date"
            value={startsOn}
            aria-invalid={wrong.has('startsOn') || undefined}
            onChange={(event) => setStartsOn(event.target.value)}
            className="min-h-11 rounded-sm border border-rule-strong bg-bone-raised px-3"
          />
        </label>
        <TypedInput
          label={messages.permitDays}
          value={permitDays}
          onValue={setPermitDays}
          isWrong={wrong.has('permitDays')}
        />
        {!isSub && (
          <TypedInput
            label={messages.utilityDays}
            value={utilityDays}
            onValue={setUtilityDays}
            isWrong={wrong.has('utilityDays')}
          />
        )}
      </form>
      {read.success ? (
        <Planned
          found={newPanelFor(planning, planned, read.data)}
          material={material}
          panelId={planned.panel.id}
          isSub={isSub}
        />
      ) : (
        <p role="alert" className="font-medium text-danger">
          {messages.notReadable}
        </p>
      )}
      <Waiting panelId={planned.panel.id} />
      <p className="font-medium">{isSub ? messages.feederOff : messages.deEnergized}</p>
    </>
  );
}

function Figure({ name, source, children }: { name: string; source: string; children: ReactNode }) {
  return (
    <div className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-2">
      <dt>
        {name} <span className="block text-sm text-ink-soft">{source}</span>
      </dt>
      <dd className="figures font-bold">{children}</dd>
    </div>
  );
}

function Planned({
  found,
  material,
  panelId,
  isSub,
}: {
  found: NewPanelFor;
  material: 'aluminum' | 'copper';
  panelId: string;
  isSub: boolean;
}) {
  const { dateText, say } = useUnits();
  const { plan, demandAmps, basis, spacesInUse, unknown } = found;
  const { mainAmps, busAmps, spaces, gauge, electrodeGauge, rules, steps, hoursOff } = plan;
  if (mainAmps === null || busAmps === null || spaces === null || gauge === null)
    return (
      <p role="status" className="text-2xl font-bold text-heed">
        ! {messages.tooLarge}
      </p>
    );
  return (
    <>
      <section aria-label={messages.size} className="space-y-2 border-t border-rule-strong pt-3">
        <p role="status" className="text-2xl font-bold">
          {isSub
            ? messages.subHeadline(ampsText(mainAmps), spaces)
            : messages.headline(ampsText(mainAmps), spaces)}
        </p>
        {unknown.length > 0 && (
          <p className="font-medium text-heed">
            ! {messages.loadNotKnown(unknown.length)}{' '}
            <Link to={`/panels/${panelId}/service`} className="underline">
              {messages.fillInTheService}
            </Link>
          </p>
        )}
        <p>{messages.madeFor(ampsText(demandAmps), basis, spacesInUse)}</p>
        <dl>
          <Figure
            name={isSub ? messages.feederBreaker : messages.main}
            source={isSub ? messages.feederSource : messages.mainSource}
          >
            {ampsText(mainAmps)}
          </Figure>
          <Figure name={messages.bus} source={messages.busSource}>
            {messages.atLeast(ampsText(busAmps))}
          </Figure>
          <Figure
            name={isSub ? messages.feederConductors : messages.serviceConductors}
            source={isSub ? messages.byAmpacity : messages.forADwelling}
          >
            {sayConductor({ gauge, material })}
          </Figure>
          {electrodeGauge !== null && (
            <Figure name={messages.electrode} source={messages.byTheTable}>
              {messages.electrodeIs(electrodeGauge)}
            </Figure>
          )}
        </dl>
      </section>
      <section aria-label={messages.days} className="border-t border-rule-strong pt-3">
        <h2 className="text-xl font-bold">{messages.days}</h2>
        <p>
          {isSub
            ? messages.subWithoutPower(hoursOff.from, hoursOff.to)
            : messages.withoutPower(hoursOff.from, hoursOff.to)}
        </p>
        <ol className="mt-2 divide-y divide-rule">
          {steps.map(({ id, who, on, isOff }) => (
            <li key={id} className="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-x-4 py-2">
              <span className="figures">{dateText(on)}</span>
              <span>
                <strong>{NEW_PANEL_STEP_WORDS[id]}</strong>, {PERFORMER_WORDS[who]}
                {isOff && <span className="text-heed"> ({messages.off})</span>}
              </span>
            </li>
          ))}
        </ol>
        <p className="text-sm text-ink-soft">{messages.offices}</p>
      </section>
      <section aria-label={messages.alsoNeeded} className="border-t border-rule-strong pt-3">
        <h2 className="text-xl font-bold">{messages.alsoNeeded}</h2>
        <ul className="list-disc pl-5">
          {rules.map((rule) => (
            <li key={rule}>{say(NEW_PANEL_RULE_WORDS[rule])}</li>
          ))}
        </ul>
      </section>
    </>
  );
}

/** What the evaluation of the panel says about waiting. */
function Waiting({ panelId }: { panelId: string }) {
  const { data: view } = useQuery(recordQueries.review(panelId));
  const { say } = useUnits();
  if (!view) return null;
  return (
    <section aria-label={messages.waiting} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.waiting}</h2>
      <p>{say(waitingRisks(view))}</p>
      <Link to={`/panels/${panelId}/review`} className="inline-flex min-h-11 items-center underline">
        {messages.seeTheEvaluation}
      </Link>
    </section>
  );
}
