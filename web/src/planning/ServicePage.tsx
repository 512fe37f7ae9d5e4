import {
  SERVICE_METHODS,
  SERVICE_PARTS,
  type ServiceLoad,
  type ServiceMethod,
} from '@phylaxon/core/code/serviceLoad';
import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import {
  ADDITIONS,
  canAdd,
  drawnSheet,
  schoolsOf,
  servicePartsOf,
  type Addition,
  type AdditionId,
  type PlannedPanel,
  type Planning,
} from '@phylaxon/core/views/planning';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link, useParams } from 'react-router';
import { entries } from '../api/index.ts';
import {
  ampsText,
  asButton,
  classes,
  Notice,
  PageHead,
  SelectInput,
  SendButton,
  TypedInput,
  useUnits,
} from '../shared/index.ts';
import { Feeders } from './Feeders.tsx';
import { SheetFields } from './SheetFields.tsx';
import { readSheetForm, toSheetForm, type SheetForm } from './sheetForm.ts';
import { usePlanned } from './usePlanned.ts';
import { PART_NAMES, SCHOOLS, SERVICE_PART_NAMES } from './words.ts';

const round = (value: number) => Math.round(value).toLocaleString('en-US');

/** The load of a dwelling on its service, and whether something can be added to it. */
export function ServicePage() {
  const { panelId = '' } = useParams();
  const { board, planning, planned, error } = usePlanned(panelId);
  return (
    <main className="mx-auto max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? 'The panel'}
        title="What the service carries"
      />
      {error && <Notice title={error.message} />}
      {planning && planned && (
        <Sheet key={planned.sheet?.entryId ?? 'drawn'} planning={planning} planned={planned} />
      )}
    </main>
  );
}

function Sheet({ planning, planned }: { planning: Planning; planned: PlannedPanel }) {
  const { dateText } = useUnits();
  const begun = useMemo(() => planned.sheet?.content ?? drawnSheet(planning, planned), [planning, planned]);
  const form = useForm<SheetForm>({ defaultValues: toSheetForm(begun) });
  // All fields have a value from the beginning.
  const typed = useWatch({ control: form.control }) as SheetForm;
  const read = readSheetForm(typed);
  const errors = new Map((read.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]));
  const [last, setLast] = useState<ServiceSheet>(begun);
  if (read.success && JSON.stringify(read.data) !== JSON.stringify(last)) setLast(read.data);
  const parts = servicePartsOf(last);
  // The smallest part of the service is what counts.
  const counted = { ...last, serviceAmps: parts[0]!.amps };
  const isTold = schoolsOf(counted).some((one) => 'load' in one);
  return (
    <>
      {errors.size > 0 && (
        <Notice title="Something below is not right yet: the figures are those before it." />
      )}
      <Smallest parts={parts} />
      {isTold ? (
        <>
          <Schools sheet={counted} />
          <CanAdd sheet={counted} panelId={planned.panel.id} />
        </>
      ) : (
        <p>
          Fill in the floor area, or the highest quarter hour that a logger saw: then this page tells what the
          load counts as, and what can be added.
        </p>
      )}
      <Feeders planning={planning} planned={planned} />
      <section aria-label="What it is made of" className="space-y-4 border-t border-rule-strong pt-3">
        <h2 className="text-xl font-bold">What it is made of</h2>
        <p className="text-ink-soft">
          {planned.sheet
            ? `As it was kept on ${dateText(planned.sheet.at)}.`
            : 'Filled in from what is drawn and measured at this site: look at each line.'}
        </p>
        <form noValidate onSubmit={(event) => event.preventDefault()}>
          <SheetFields form={form} errors={errors} />
        </form>
        <SendButton
          look="primary"
          disabled={!read.success}
          stored="Kept"
          entries={() => [
            entries.panelEntry(planned.panel.id, planned.panel.name, {
              kind: 'service-sheet',
              at: new Date().toISOString(),
              content: last,
            }),
          ]}
        >
          Keep these figures
        </SendButton>
      </section>
    </>
  );
}

function Smallest({ parts }: { parts: ReturnType<typeof servicePartsOf> }) {
  const [smallest, ...rest] = parts;
  const larger = rest.filter(({ amps }) => amps > smallest!.amps);
  return (
    <p className="text-lg">
      The service is <strong className="figures">{ampsText(smallest!.amps)}</strong>
      {larger.length > 0 ? (
        <>
          : its <strong>{SERVICE_PART_NAMES[smallest!.part].toLowerCase()}</strong>{' '}
          {smallest!.part === 'conductors' ? 'are' : 'is'} the smallest (
          {larger
            .map(({ part, amps }) => `${SERVICE_PART_NAMES[part].toLowerCase()} ${ampsText(amps)}`)
            .join(', ')}
          ).
        </>
      ) : (
        ', by its main.'
      )}
    </p>
  );
}

/** All four schools side by side. */
function Schools({ sheet }: { sheet: ServiceSheet }) {
  const answers = schoolsOf(sheet);
  const loads = new Map(
    answers.flatMap((one): [ServiceMethod, ServiceLoad][] => ('load' in one ? [[one.method, one.load]] : [])),
  );
  const shown = SERVICE_PARTS.filter((code) =>
    [...loads.values()].some(({ parts }) => parts.some((part) => part.code === code)),
  );
  const cell = (method: ServiceMethod, say: (load: ServiceLoad) => string) => {
    const load = loads.get(method);
    return (
      <td key={method} className="figures px-2 py-1 text-right">
        {load ? say(load) : '–'}
      </td>
    );
  };
  const va = (code: (typeof SERVICE_PARTS)[number]) => (load: ServiceLoad) => {
    const part = load.parts.find((one) => one.code === code);
    return part ? round(part.demandVa) : '–';
  };
  return (
    <section aria-label="The load by four schools" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">The load by four schools</h2>
      <ul className="mt-2 divide-y divide-rule sm:hidden">
        {[...loads].map(([method, { demandAmps, fits, headroomAmps }]) => (
          <li key={method} className="flex flex-wrap justify-between gap-x-3 py-1">
            <strong>{SCHOOLS[method].name}</strong>
            <span className="figures">{ampsText(demandAmps)}</span>
            <span className={classes('w-full', !fits && 'font-semibold text-danger')}>
              {fits ? '✓' : '✕'} {ampsText(Math.abs(headroomAmps))} {fits ? 'left of' : 'short of'}{' '}
              {ampsText(sheet.serviceAmps)}
            </span>
          </li>
        ))}
      </ul>
      <div
        className="hidden overflow-x-auto sm:block"
        tabIndex={0}
        role="group"
        aria-label="Table of the load"
      >
        <table className="mt-2 w-full min-w-2xl">
          <thead>
            <tr className="border-b border-rule-strong text-left align-bottom">
              <th scope="col" className="py-1 pr-2 text-sm font-medium text-ink-soft">
                VA as counted
              </th>
              {SERVICE_METHODS.map((method) => (
                <th key={method} scope="col" className="px-2 py-1 text-right">
                  {SCHOOLS[method].name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="divide-y divide-rule">
            {shown.map((code) => (
              <tr key={code}>
                <th scope="row" className="py-1 pr-2 text-left font-normal">
                  {PART_NAMES[code]}
                </th>
                {SERVICE_METHODS.map((method) => cell(method, va(code)))}
              </tr>
            ))}
          </tbody>
          <tfoot className="border-t-2 border-ink font-bold">
            <tr>
              <th scope="row" className="py-1 pr-2 text-left">
                Counts as
              </th>
              {SERVICE_METHODS.map((method) => cell(method, ({ demandAmps }) => ampsText(demandAmps)))}
            </tr>
            <tr>
              <th scope="row" className="py-1 pr-2 text-left">
                Left of {ampsText(sheet.serviceAmps)}
              </th>
              {SERVICE_METHODS.map((method) => {
                const load = loads.get(method);
                return (
                  <td
                    key={method}
                    className={classes('figures px-2 py-1 text-right', load && !load.fits && 'text-danger')}
                  >
                    {load ? `${load.fits ? '✓' : '✕ short'} ${ampsText(Math.abs(load.headroomAmps))}` : '–'}
                  </td>
                );
              })}
            </tr>
            <tr className="font-normal">
              <th scope="row" className="py-1 pr-2 text-left font-normal">
                Least service
              </th>
              {SERVICE_METHODS.map((method) =>
                cell(method, ({ minServiceAmps }) =>
                  minServiceAmps === null ? 'over 400 A' : ampsText(minServiceAmps),
                ),
              )}
            </tr>
          </tfoot>
        </table>
      </div>
      <dl className="mt-2 grid gap-x-6 gap-y-1 text-sm sm:grid-cols-2">
        {answers.map((one) => (
          <div key={one.method}>
            <dt className="inline font-semibold">{SCHOOLS[one.method].name}: </dt>
            <dd className="inline text-ink-soft">
              {'missing' in one ? one.missing : SCHOOLS[one.method].when} {SCHOOLS[one.method].source}.
            </dd>
          </div>
        ))}
      </dl>
      <Notes loads={[...loads.values()]} />
    </section>
  );
}

/** What the schools have to say besides, each thing once. */
function Notes({ loads }: { loads: readonly ServiceLoad[] }) {
  const { say } = useUnits();
  const notes = new Map(
    loads
      .flatMap(({ reasons }) => reasons)
      .filter(({ code }) => !['service-carries', 'service-too-small', 'least-service'].includes(code))
      .map(({ code, text }) => [code, text]),
  );
  if (notes.size === 0) return null;
  return (
    <ul className="mt-2 list-disc space-y-1 pl-5 text-sm text-ink-soft">
      {[...notes].map(([code, text]) => (
        <li key={code}>{say(text)}</li>
      ))}
    </ul>
  );
}

const OPTIONS = (Object.keys(ADDITIONS) as AdditionId[]).map((value) => ({
  value,
  label: ADDITIONS[value].words,
}));

/** Whether something can be added, by the school that is the default here, or another. */
function CanAdd({ sheet, panelId }: { sheet: ServiceSheet; panelId: string }) {
  const [what, setWhat] = useState<AdditionId>('vehicle-charger');
  const [va, setVa] = useState<string | null>(null);
  const answers = schoolsOf(sheet);
  const able = answers.filter((one) => 'load' in one).map(({ method }) => method);
  const [chosen, setChosen] = useState<ServiceMethod>('existing');
  const method = able.includes(chosen) ? chosen : able[0];
  const usual = ADDITIONS[what];
  const wanted = va === null ? usual.va : Number(va.replace(',', '.'));
  const isFigure = Number.isFinite(wanted) && wanted > 0 && wanted <= 1_000_000;
  const answer =
    method && isFigure
      ? canAdd(sheet, { va: wanted, continuous: usual.continuous }, method, what === 'vehicle-charger')
      : null;
  return (
    <section aria-label="Can it be added?" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Can it be added?</h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectInput
          label="What"
          options={OPTIONS}
          value={what}
          onValue={(next) => {
            setWhat(next);
            setVa(null);
          }}
        />
        <TypedInput label="Rated (VA)" value={va ?? `${usual.va}`} onValue={setVa} isWrong={!isFigure} />
        {able.length > 0 && (
          <SelectInput
            label="By the school"
            options={able.map((one) => ({ value: one, label: SCHOOLS[one].name }))}
            value={method!}
            onValue={setChosen}
          />
        )}
      </div>
      {!isFigure && (
        <p className="mt-3 font-medium text-danger">Give its rating in VA, as its nameplate has it.</p>
      )}
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
  fits: 'Yes: the service carries it',
  smaller: 'Yes, with a smaller setting',
  managed: 'Only with load management',
  grow: 'No: the service would have to grow',
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
        With it the load counts as <strong className="figures">{ampsText(demandAmps)}</strong> of{' '}
        <span className="figures">{ampsText(sheet.serviceAmps)}</span>.
      </p>
      {answer === 'smaller' && (
        <p>
          Set it to <strong className="figures">{ampsText(settingAmps!)}</strong> at most; its conductor and
          breaker are still for what it is set to and a quarter more.
        </p>
      )}
      {answer === 'managed' && (
        <p>
          A listed system that makes the charger wait while the rest of the house draws keeps it within the
          service.
        </p>
      )}
      {answer !== 'fits' && (
        <p>
          {growToAmps === null
            ? 'In full it is beyond 400 A: an engineer sizes that service.'
            : `In full it takes a service of ${growToAmps} A: meter base, conductors, main and bus, with the utility.`}
        </p>
      )}
      {answer !== 'grow' && (
        <p className="mt-2">
          <Link
            to={`/panels/${panelId}/room?poles=2&amps=${breaker ?? Math.ceil((wantedVa / sheet.volts) * 1.25)}`}
            className={asButton('quiet')}
          >
            Make room for it in the panel
          </Link>
        </p>
      )}
    </div>
  );
}
