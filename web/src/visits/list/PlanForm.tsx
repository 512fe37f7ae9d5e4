import type { PanelEntryInput } from '@phylaxon/core/record/panelEntries';
import { SOURCE_WORDS, tasksOf, type DueTask, type Shutdown } from '@phylaxon/core/views/visit';
import type { PlannedPanel } from '@phylaxon/core/views/planning';
import { SOURCE_KINDS, type SourceKind, type VisitTask } from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { entries, newId } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  Button,
  CheckInput,
  FieldError,
  toInstant,
  toggled,
  toNumber,
  TypedInput,
  useUnits,
  useAction,
} from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** A panel that the shutdown de-energizes too, with what is due there. */
export interface SharedPanel {
  planned: PlannedPanel;
  due: readonly DueTask[];
  shutdown: Shutdown;
}

interface Props {
  planned: PlannedPanel;
  shared: readonly SharedPanel[];
  due: readonly DueTask[];
  shutdown: Shutdown;
  /** Other sources that were named on the last visit. */
  named: readonly SourceKind[];
  /** What the page was opened for; `null`: everything that is due. */
  wanted: string | null;
  minutesFor: (tasks: readonly VisitTask[]) => number;
}

/** What may be told of a visit besides what is done. */
const FIELDS: readonly {
  field: 'minutes' | 'who' | 'phone' | 'dependents' | 'permit';
  label: string | ((minutes: number) => string);
  isFigure?: boolean;
  placeholder?: string;
}[] = [
  { field: 'minutes', label: (minutes) => messages.minutesOffDefault(minutes), isFigure: true },
  { field: 'who', label: messages.electricianSNameForTheTag },
  { field: 'phone', label: messages.phoneForTheTag },
  {
    field: 'dependents',
    label: messages.criticalLoadsSeparatedByCommas,
    placeholder: messages.oxygenConcentratorAquarium,
  },
  { field: 'permit', label: messages.permitNumberIfOneIsNeeded },
];

/** So many names a visit has room for, and so many letters of each. */
const MOST_DEPENDENTS = 12;
const MOST_LETTERS = 120;

/** What somebody said must not lose power, as names with commas between them; nobody was asked: empty. */
function useDependents({ panel, breakers }: PlannedPanel): string {
  const { data: upkeep } = useQuery(recordQueries.upkeep(panel.id));
  if (!upkeep?.keepsPower.isSaid) return '';
  const { breakerIds } = upkeep.keepsPower;
  return breakers
    .filter(({ breaker }) => breakerIds.includes(breaker.id))
    .flatMap(({ circuit }) => circuit?.label?.replaceAll(',', ' and').slice(0, MOST_LETTERS) ?? [])
    .slice(0, MOST_DEPENDENTS)
    .join(', ');
}

/** What a visit does unless somebody chooses: all that is due, and nothing that is optional. */
const usuallyChosen = (due: readonly DueTask[]): Set<string> =>
  new Set(
    due.filter(({ notHere, isOptional = false }) => notHere === null && !isOptional).map(({ key }) => key),
  );

type VisitEntryInput = Extract<PanelEntryInput, { kind: 'visit' }>['content'];

/** Choose from what is due, and plan one shutdown of it. */
export function PlanForm({ planned, shared, due, shutdown, named, wanted, minutesFor }: Props) {
  const navigate = useNavigate();
  const { say } = useUnits();
  const possible = due.filter(({ notHere }) => notHere === null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() =>
    wanted === null
      ? usuallyChosen(due)
      : new Set(possible.map(({ key }) => key).filter((key) => key === wanted)),
  );
  const [sources, setSources] = useState<ReadonlySet<SourceKind>>(
    () => new Set([...shutdown.sources, ...named]),
  );
  const dependents = useDependents(planned);
  const [words, setWords] = useState({
    when: '',
    dependents: null as string | null,
    who: '',
    phone: '',
    permit: '',
    minutes: '',
  });
  const [plugOn, setPlugOn] = useState<ReadonlySet<string>>(() => new Set());
  const [isPulled, setIsPulled] = useState(shutdown.meterPulled !== null);
  const { problem, busy, leave } = useAction();
  const [also, setAlso] = useState<ReadonlySet<string>>(() => new Set());
  const tasks = tasksOf(due, chosen);
  const minutes = minutesFor(tasks);
  const set = (field: keyof typeof words) => (value: string) =>
    setWords((before) => ({ ...before, [field]: value }));

  const people = () => ({
    plannedFor: words.when === '' ? null : toInstant(words.when),
    dependents: (words.dependents ?? dependents)
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
    who: words.who,
    phone: words.phone,
    permit: words.permit,
  });
  const visitTo = ({ panel }: PlannedPanel, content: VisitEntryInput) =>
    entries.panelEntry(panel.id, panel.name, { kind: 'visit', at: new Date().toISOString(), content });

  const plan = () => {
    const visitId = newId();
    const own = visitTo(planned, {
      ...people(),
      visitId,
      tasks: tasks.map((task) => (plugOn.has(task.id) ? { ...task, neutral: 'plug-on' as const } : task)),
      sources: SOURCE_KINDS.filter((kind) => sources.has(kind)).map((kind) => ({ id: kind, kind })),
      off: shutdown.off,
      holes: planned.panel.holes,
      minutes: toNumber(words.minutes) ?? minutes,
      meterPulled: isPulled,
    });
    const inTheSame = shared
      .filter(({ planned: { panel } }) => also.has(panel.id))
      .map((one) => {
        const its = tasksOf(one.due, usuallyChosen(one.due));
        return visitTo(one.planned, {
          ...people(),
          visitId: newId(),
          within: visitId,
          tasks: its,
          sources: one.shutdown.sources.map((kind) => ({ id: kind, kind })),
          off: one.shutdown.off,
          holes: one.planned.panel.holes,
          minutes: minutesFor(its),
        });
      });
    return leave(async () => {
      for (const entry of [own, ...inTheSame]) await sendNow(entry);
      await navigate(`/visits/${visitId}`);
    });
  };

  return (
    <div className="space-y-4">
      <ul className="divide-y divide-rule">
        {due.map(({ key, label, headline, because, notHere }) => (
          <li key={key} className="py-1">
            {notHere === null ? (
              <CheckInput
                label={
                  <>
                    <strong>{label}</strong>: {headline}
                    <span className="block text-sm text-ink-soft">{say(because)}</span>
                  </>
                }
                checked={chosen.has(key)}
                onChecked={(isIn) => setChosen(toggled(chosen, key, isIn))}
              />
            ) : (
              <p className="py-2 pl-8">
                <strong>{label}</strong>: {headline}
                <span className="block text-sm text-ink-soft">
                  {messages.notPartOfAVisitLike(say(because), notHere)}
                </span>
              </p>
            )}
          </li>
        ))}
      </ul>
      {possible.length > 0 && (
        <>
          <p>
            {messages.deEnergizedAtOffForAbout(
              <strong>{shutdown.off}</strong>,
              <strong className="figures">{messages.min(minutes)}</strong>,
            )}
          </p>
          {shared.map(({ planned: { panel }, due: its }) => (
            <CheckInput
              key={panel.id}
              label={messages.alsoInThisShutdown(
                panel.name,
                tasksOf(its, usuallyChosen(its))
                  .map(({ label }) => label)
                  .join(', '),
              )}
              checked={also.has(panel.id)}
              onChecked={(isIn) => setAlso(toggled(also, panel.id, isIn))}
            />
          ))}
          {shutdown.meterPulled !== null && (
            <p className="border-l-4 border-danger pl-3 font-medium">
              {messages.theUtilityPullsTheMeter(shutdown.meterPulled)}
            </p>
          )}
          {tasks
            .filter(({ neutral }) => neutral !== 'none')
            .map(({ id, label }) => (
              <CheckInput
                key={id}
                label={messages.neutralOnTheBarNoPigtail(label)}
                checked={plugOn.has(id)}
                onChecked={(isIn) => setPlugOn(toggled(plugOn, id, isIn))}
              />
            ))}
          <fieldset>
            <legend className="font-semibold">{messages.otherSourcesThatCouldFeedThis}</legend>
            <p className="text-sm text-ink-soft">{messages.eachOneIsShutOffAnd}</p>
            <div className="sm:grid sm:grid-cols-2">
              {SOURCE_KINDS.map((kind) => (
                <CheckInput
                  key={kind}
                  label={SOURCE_WORDS[kind].ask}
                  checked={sources.has(kind)}
                  onChecked={(isIn) => setSources(toggled(sources, kind, isIn))}
                />
              ))}
            </div>
          </fieldset>
          <details className="border-t border-rule">
            <summary className="min-h-11 py-2 font-semibold">{messages.timePeopleAndCriticalLoads}</summary>
            <div className="grid gap-3 pb-3 sm:grid-cols-2">
              <label className="block">
                <span className="mb-1 block text-sm font-medium">{messages.start}</span>
                <input
                  type="datetime-local"
                  value={words.when}
                  onChange={(event) => set('when')(event.target.value)}
                  className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3"
                />
              </label>
              {FIELDS.map(({ field, label, isFigure = false, placeholder }) => (
                <TypedInput
                  key={field}
                  label={typeof label === 'string' ? label : label(minutes)}
                  value={words[field] ?? dependents}
                  onValue={set(field)}
                  isFigure={isFigure}
                  {...(placeholder !== undefined && { placeholder })}
                  className="w-full"
                />
              ))}
              <CheckInput
                label={messages.theUtilityPullsTheMeterLabel}
                checked={isPulled}
                onChecked={setIsPulled}
              />
            </div>
          </details>
          <Button disabled={busy || chosen.size === 0} onClick={() => void plan()}>
            {messages.planThisVisit}
          </Button>
          <FieldError message={problem ?? undefined} />
        </>
      )}
    </div>
  );
}
