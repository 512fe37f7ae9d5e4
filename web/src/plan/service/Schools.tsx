import {
  SERVICE_METHODS,
  SERVICE_PARTS,
  type ServiceLoad,
  type ServiceMethod,
} from '@phylaxon/core/code/serviceLoad';
import type { SchoolAnswer } from '@phylaxon/core/views/planning';
import { ampsText, classes, useUnits } from '../../shared/ui/index.ts';
import { PART_NAMES, SCHOOLS } from './words.ts';
import * as messages from './messages.ts';

const round = (value: number) => Math.round(value).toLocaleString('en-US');

/** All four schools side by side. */
export function Schools({ answers, serviceAmps }: { answers: readonly SchoolAnswer[]; serviceAmps: number }) {
  const loads = new Map(
    answers.flatMap((one): [ServiceMethod, ServiceLoad][] => ('load' in one ? [[one.method, one.load]] : [])),
  );
  const shown = SERVICE_PARTS.filter((code) =>
    [...loads.values()].some(({ parts }) => parts.some((part) => part.code === code)),
  );
  const cell = (method: ServiceMethod, say: (load: ServiceLoad) => string) => {
    const load = loads.get(method);
    return (
      <td key={method} className="figures px-2 py-1 text-right whitespace-nowrap">
        {load ? say(load) : '–'}
      </td>
    );
  };
  const va = (code: (typeof SERVICE_PARTS)[number]) => (load: ServiceLoad) => {
    const part = load.parts.find((one) => one.code === code);
    return part ? round(part.demandVa) : '–';
  };
  return (
    <section aria-label={messages.calculatedLoadByFourMethods} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.calculatedLoadByFourMethods}</h2>
      <ul className="mt-2 divide-y divide-rule sm:hidden">
        {[...loads].map(([method, { demandAmps, fits, headroomAmps }]) => (
          <li key={method} className="flex flex-wrap justify-between gap-x-3 py-1">
            <strong>{SCHOOLS[method].name}</strong>
            <span className="figures">{ampsText(demandAmps)}</span>
            <span className={classes('w-full', !fits && 'font-semibold text-danger')}>
              {fits ? '✓' : '✕'} {ampsText(Math.abs(headroomAmps))}{' '}
              {fits ? messages.spareOutOf : messages.shortOf} {ampsText(serviceAmps)}
            </span>
          </li>
        ))}
      </ul>
      <div
        className="hidden overflow-x-auto sm:block"
        tabIndex={0}
        role="group"
        aria-label={messages.loadByMethod}
      >
        <table className="mt-2 w-full min-w-xl text-sm @3xl:text-base">
          <thead>
            <tr className="border-b border-rule-strong text-left align-bottom">
              <th scope="col" className="py-1 pr-2 text-sm font-medium text-ink-soft">
                {messages.calculatedVa}
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
                {messages.calculatedLoad}
              </th>
              {SERVICE_METHODS.map((method) => cell(method, ({ demandAmps }) => ampsText(demandAmps)))}
            </tr>
            <tr>
              <th scope="row" className="py-1 pr-2 text-left">
                {messages.spareCapacityOf(ampsText(serviceAmps))}
              </th>
              {SERVICE_METHODS.map((method) => {
                const load = loads.get(method);
                return (
                  <td
                    key={method}
                    className={classes(
                      'figures px-2 py-1 text-right whitespace-nowrap',
                      load && !load.fits && 'text-danger',
                    )}
                  >
                    {load
                      ? `${load.fits ? '✓' : messages.short} ${ampsText(Math.abs(load.headroomAmps))}`
                      : '–'}
                  </td>
                );
              })}
            </tr>
            <tr className="font-normal">
              <th scope="row" className="py-1 pr-2 text-left font-normal">
                {messages.minimumService}
              </th>
              {SERVICE_METHODS.map((method) =>
                cell(method, ({ minServiceAmps }) =>
                  minServiceAmps === null ? messages.over400A : ampsText(minServiceAmps),
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
