import { supplyCheck, supplyInput, type Actor } from '@phylaxon/core/physics/supply';
import type { ReadingInput } from '@phylaxon/core/record/entities';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { classes, NumberInput, SendButton, useUnits } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';

const WHO: Record<Actor, string> = {
  nobody: 'Nothing to do.',
  electrician: 'An electrician acts.',
  utility: 'Call the utility.',
};
type Read = Partial<Record<'a' | 'b' | 'across', number | null>>;
const FIELDS = [
  ['a', 'Leg A to neutral (V)', 'leg-a'],
  ['b', 'Leg B to neutral (V)', 'leg-b'],
  ['across', 'Leg to leg (V)', 'legs'],
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
    <section aria-label="Supply check" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Supply check</h2>
      {!mayDo(2) ? (
        <p className="mt-1">
          The legs are measured behind the cover: an electrician’s work. What they carry stands below.
        </p>
      ) : (
        <>
          <p className="mt-1 font-medium text-danger">
            At the main this is a measurement on live parts: protective gear, change nothing live.
          </p>
          {(
            [
              ['With next to nothing on', setUnloaded],
              ['With a large load on each leg', setLoaded],
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
          <ul aria-label="What the supply shows" aria-live="polite" className="mt-3 space-y-1">
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
                stored="Logged at the main"
                waiting="Kept until the server answers"
              >
                Log it at the main
              </SendButton>
            </p>
          )}
        </>
      )}
    </section>
  );
}
