import { supplyCheck, supplyInput, type Actor } from '@phylaxon/core/physics/supply';
import type { ReadingInput } from '@phylaxon/core/record/entities';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { classes, NumberInput, SendButton, useUnits } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

const WHO: Record<Actor, string> = {
  nobody: messages.nothingToDo,
  electrician: messages.workForAnElectrician,
  utility: messages.callTheUtility,
};
type Read = Partial<Record<'a' | 'b' | 'across', number | null>>;
const FIELDS = [
  ['a', messages.legAToNeutralV, 'leg-a'],
  ['b', messages.legBToNeutralV, 'leg-b'],
  ['across', messages.legToLegV, 'legs'],
] as const;

/** Both legs and across, without and under load: what each means and who acts. */
export function SupplyCheck({ panelId }: { panelId: string }) {
  const { say } = useUnits();
  const mayDo = useMayDo();
  const { data: board } = useQuery(recordQueries.board(panelId));
  const [unloaded, setUnloaded] = useState<Read>({});
  const [loaded, setLoaded] = useState<Read>({});
  const question = supplyInput.safeParse({
    unloaded: { across: null, ...unloaded },
    loaded: typeof loaded.a === 'number' && typeof loaded.b === 'number' ? { across: null, ...loaded } : null,
  });
  const findings = question.success ? supplyCheck(question.data) : [];
  const main = board?.breakers.find(({ breaker }) => breaker.role === 'main');
  const readings = (): ReadingInput[] => {
    const at = new Date().toISOString();
    return [
      [unloaded, 'no-load'],
      [loaded, 'everything-on'],
    ].flatMap(([read, loadState]) =>
      FIELDS.flatMap(([key, , point]) => {
        const value = (read as Read)[key];
        return typeof value === 'number'
          ? [
              {
                quantity: 'voltage',
                point,
                value,
                at,
                loadState,
                instrument: 'contact-meter',
              } as ReadingInput,
            ]
          : [];
      }),
    );
  };
  return (
    <section aria-label={messages.supplyCheck} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.supplyCheck}</h2>
      {!mayDo(2) ? (
        <p className="mt-1">{messages.theLegsAreMeasuredBehindThe}</p>
      ) : (
        <>
          <p className="mt-1 font-medium text-danger">{messages.atTheMainYouMeasureOn}</p>
          {(
            [
              [messages.withAlmostNoLoad, setUnloaded],
              [messages.withALargeLoadOnEach, setLoaded],
            ] as const
          ).map(([title, set]) => (
            <fieldset key={title} className="mt-2">
              <legend className="mb-1 font-semibold">{title}</legend>
              <div className="flex flex-wrap gap-4">
                {FIELDS.map(([key, label]) => (
                  <NumberInput
                    key={key}
                    label={label}
                    onValue={(value) => set((all) => ({ ...all, [key]: value }))}
                  />
                ))}
              </div>
            </fieldset>
          ))}
          <ul aria-label={messages.whatTheSupplyReadingsShow} aria-live="polite" className="mt-3 space-y-1">
            {findings.map(({ code, text, who, isDanger }) => (
              <li
                key={code}
                className={classes(
                  'border-l-8 py-1 pl-3',
                  isDanger ? 'border-danger font-semibold' : who === 'nobody' ? 'border-good' : 'border-heed',
                )}
              >
                {say(text)} {who !== 'nobody' && <strong>{WHO[who]}</strong>}
              </li>
            ))}
          </ul>
          {findings.length > 0 && main && (
            <p className="mt-2">
              <SendButton
                entries={() => [entries.readings(main.breaker.id, board!.panel.name, readings())]}
                stored={messages.loggedAtTheMain}
                waiting={messages.keptUntilTheServerAnswers}
              >
                {messages.logAtTheMain}
              </SendButton>
            </p>
          )}
        </>
      )}
    </section>
  );
}
