import {
  EDITIONS,
  EQUIPMENT,
  PLACES,
  SERVED,
  type Equipment,
  type ProtectedPlace,
} from '@phylaxon/core/code/protectionByPlace';
import { BREAKER_KINDS, BREAKER_KIND_WORDS } from '@phylaxon/core/panel/layout';
import type { Board } from '@phylaxon/core/views/board';
import { CheckInput, SelectInput, TypedInput } from '../../shared/ui/index.ts';
import { useCode, type OwnRule } from './codeStore.ts';
import { servedBy, USUAL_SHARE, wishedAmps, type Wish } from './wish.ts';
import * as messages from './messages.ts';

const RATINGS = [15, 20, 25, 30, 40, 50, 60, 70, 80, 100];

/** What may be asked for at a place, by the code or by a list of one’s own. */
const OWN_RULES: { value: string; label: string; rule: OwnRule | null }[] = [
  { value: 'code', label: messages.asTheCodeRequires, rule: null },
  { value: 'none', label: messages.ownListNone, rule: [] },
  { value: 'ground-fault', label: messages.ownListGfci, rule: ['ground-fault'] },
  { value: 'arc-fault', label: messages.ownListAfci, rule: ['arc-fault'] },
  { value: 'both', label: messages.ownListBoth, rule: ['ground-fault', 'arc-fault'] },
];
const ownRule = (rule: OwnRule | undefined): string =>
  OWN_RULES.find((one) => (one.rule?.join() ?? null) === (rule?.join() ?? null))!.value;

const optionsOf = (list: Readonly<Record<string, string>>) =>
  Object.entries(list).map(([value, label]) => ({ value, label }));

/** What is to be put in, and what the code asks of it. */
export function WantedCircuit({
  wish,
  onChange,
  panel,
}: {
  wish: Wish;
  onChange: (some: Partial<Wish>) => void;
  panel: Board['panel'];
}) {
  const { edition, setEdition, own, setOwn } = useCode();
  return (
    <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
      <div className="min-w-48 flex-1">
        <TypedInput
          label={messages.newCircuit}
          value={wish.title}
          onValue={(title) => onChange({ title })}
          isFigure={false}
          placeholder={messages.forExampleEvCharger}
          className="w-full"
        />
      </div>
      <SelectInput
        label={messages.breaker}
        options={[
          { value: 1, label: messages.onePole120V },
          { value: 2, label: messages.twoPole240V },
        ]}
        value={wish.poles}
        onValue={(poles) => onChange({ poles: poles as 1 | 2 })}
      />
      <SelectInput
        label={messages.rating}
        options={[...new Set([...RATINGS, wish.ratingAmps])]
          .sort((a, b) => a - b)
          .map((value) => ({ value, label: `${value} A` }))}
        value={wish.ratingAmps}
        onValue={(ratingAmps) => onChange({ ratingAmps })}
      />
      <SelectInput
        label={messages.location}
        options={[{ value: '', label: messages.notEntered }, ...optionsOf(PLACES)]}
        value={wish.place}
        onValue={(place) => onChange({ place: place as ProtectedPlace | '' })}
      />
      <SelectInput
        label={messages.equipment}
        options={[{ value: '', label: messages.noneNamedInTheCode }, ...optionsOf(EQUIPMENT)]}
        value={wish.equipment}
        onValue={(equipment) =>
          onChange({
            equipment: equipment as Equipment | '',
            // A vehicle charges for hours.
            ...(equipment === 'vehicle-outlet' && { continuous: true }),
          })
        }
      />
      <TypedInput
        label={messages.load}
        value={wish.amps}
        onValue={(amps) => onChange({ amps })}
        placeholder={`${USUAL_SHARE * wish.ratingAmps}`}
        isWrong={wishedAmps(wish) === null}
      />
      <CheckInput
        label={messages.runsThreeHours}
        checked={wish.continuous}
        onChecked={(continuous) => onChange({ continuous })}
      />
      {wishedAmps(wish) === null && (
        <p role="alert" className="w-full font-medium text-danger">
          {messages.enterACurrent}
        </p>
      )}
      <SelectInput
        label={messages.codeInForce}
        options={EDITIONS.map((value) => ({ value, label: messages.nec(value) }))}
        value={edition}
        onValue={setEdition}
      />
      <SelectInput
        label={messages.type}
        options={[
          { value: 'by-place' as const, label: messages.asTheLocationRequires },
          ...BREAKER_KINDS.map((value) => ({ value, label: BREAKER_KIND_WORDS[value] })),
        ]}
        value={wish.kind}
        onValue={(kind) => onChange({ kind })}
      />
      {servedBy(wish).map((served) => (
        <SelectInput
          key={served}
          label={messages.localRule(SERVED[served])}
          options={OWN_RULES.map(({ value, label }) => ({ value, label }))}
          value={ownRule(own[served])}
          onValue={(value) => setOwn(served, OWN_RULES.find((one) => one.value === value)!.rule)}
        />
      ))}
      {!wish.isInlet && (
        <SelectInput
          label={messages.where}
          options={[
            { value: 0, label: messages.leastWork },
            ...Array.from({ length: panel.spaces }, (_, i) => ({
              value: i + 1,
              label: messages.spaceTitle(i + 1),
            })),
          ]}
          value={wish.space ?? 0}
          onValue={(space) => onChange({ space: space === 0 ? null : space })}
        />
      )}
      <CheckInput
        label={messages.forAGeneratorInletWithAn}
        checked={wish.isInlet}
        onChecked={(checked) =>
          onChange(
            checked
              ? {
                  isInlet: true,
                  space: null,
                  poles: 2,
                  ratingAmps: 30,
                  title: wish.title || messages.generatorInlet,
                }
              : { isInlet: false },
          )
        }
      />
      {panel.splitAt !== null && (
        <SelectInput
          label={messages.section}
          options={[
            { value: 'either' as const, label: messages.either },
            { value: 'upper' as const, label: messages.upper },
            { value: 'lower' as const, label: messages.lower },
          ]}
          value={wish.section}
          onValue={(section) => onChange({ section })}
        />
      )}
    </form>
  );
}
