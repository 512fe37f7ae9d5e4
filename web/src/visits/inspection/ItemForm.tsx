import { goodResult, inspectionItem, inspectionWords } from '@phylaxon/core/facts/inspection';
import type { StationItem } from '@phylaxon/core/views/inspection';
import { useId } from 'react';
import {
  Button,
  ChoiceButton,
  FieldError,
  placeText,
  SelectInput,
  TypedInput,
} from '../../shared/ui/index.ts';
import type { Board } from '@phylaxon/core/views/board';
import {
  answerKey,
  isNoReading,
  isReading,
  NO_ANSWER,
  NOT_CHOSEN,
  THE_REST,
  type Tapped,
} from './answers.ts';
import * as messages from './messages.ts';

interface Props {
  item: StationItem;
  breakers: Board['breakers'];
  tapped: Tapped;
  tap: (key: string, answer: string) => void;
}

/** One item of a station: how it is looked at, and its answers. */
export function ItemForm({ item, breakers, tapped, tap }: Props) {
  const id = useId();
  const { name, how } = inspectionWords(item.item);
  const { of } = inspectionItem(item.item);
  return (
    <section aria-labelledby={id} className="border-t border-rule-strong py-3">
      <h3 id={id} className="text-lg font-bold">
        {name}
      </h3>
      <p className="text-ink-soft">{how}</p>
      <div className="mt-2 space-y-2">
        {of === 'panel' ? (
          <Choices item={item} thing={null} label={name} {...{ tapped, tap }} />
        ) : of === 'legs' ? (
          <Outlets {...{ item, breakers, tapped, tap }} />
        ) : (
          <EachBreaker {...{ item, breakers, tapped, tap }} />
        )}
      </div>
    </section>
  );
}

interface ChoicesProps extends Pick<Props, 'item' | 'tapped' | 'tap'> {
  thing: string | null;
  label: string;
  /** What is as it should be is left out. */
  isException?: boolean;
}

/** The results of an item, a tap each; a second tap takes it back. */
function Choices({ item, thing, label, tapped, tap, isException = false }: ChoicesProps) {
  const key = answerKey(item.item, thing);
  const good = goodResult(item.item);
  // An exception without its finding is none: it is removed, or another finding is chosen.
  const none = isException ? NOT_CHOSEN : NO_ANSWER;
  const results = Object.entries(inspectionWords(item.item).results);
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-2">
      {results
        .filter(([result]) => !isException || result !== good)
        .map(([result, { words }]) => (
          <ChoiceButton
            key={result}
            isChosen={tapped[key] === result}
            onChoose={() => tap(key, tapped[key] === result ? none : result)}
          >
            {words}
          </ChoiceButton>
        ))}
    </div>
  );
}

const nameOf = (breakers: Board['breakers'], id: string): string => {
  const found = breakers.find(({ breaker }) => breaker.id === id)!;
  return messages.breakerAt(placeText(found.breaker), found.label ?? messages.notNamed);
};

/** One outlet of each leg: a reading, or what the tester shows. */
function Outlets({ item, breakers, tapped, tap }: Props) {
  return item.asked.map((thing) => {
    const key = answerKey(item.item, thing);
    const label = messages.outletOn(nameOf(breakers, thing!));
    const typed = tapped[key] ?? '';
    return isReading(item) ? (
      <div key={thing}>
        <TypedInput
          label={messages.inVolts(label)}
          value={typed}
          onValue={(text) => tap(key, text)}
          isWrong={isNoReading(typed)}
        />
        <FieldError message={isNoReading(typed) ? messages.enterAVoltage : undefined} />
      </div>
    ) : (
      <div key={thing}>
        <p className="mb-1 text-sm font-medium">{label}</p>
        <Choices item={item} thing={thing} label={label} {...{ tapped, tap }} />
      </div>
    );
  });
}

/** All breakers at a tap, and those that are not as they should be, one by one. */
function EachBreaker({ item, breakers, tapped, tap }: Props) {
  const good = goodResult(item.item);
  const { results } = inspectionWords(item.item);
  const restKey = answerKey(item.item, THE_REST);
  const isAnswered = (id: string) => (tapped[answerKey(item.item, id)] ?? NO_ANSWER) !== NO_ANSWER;
  const apart = item.asked.filter((id) => id !== null && isAnswered(id)) as string[];
  const others = item.asked.filter((id) => id !== null && !apart.includes(id)) as string[];
  return (
    <>
      {others.length > 0 && (
        <ChoiceButton
          isChosen={tapped[restKey] === good}
          onChoose={() => tap(restKey, tapped[restKey] === good ? NO_ANSWER : good)}
        >
          {messages.allOf(others.length, apart.length > 0, results[good]!.words)}
        </ChoiceButton>
      )}
      {apart.map((id) => (
        <div key={id} className="border-l-4 border-heed pl-3">
          <p className="mb-2 flex flex-wrap items-center gap-x-3 font-semibold">
            {nameOf(breakers, id)}
            <Button
              look="quiet"
              aria-label={messages.removeBreaker(nameOf(breakers, id))}
              onClick={() => tap(answerKey(item.item, id), NO_ANSWER)}
            >
              {messages.remove}
            </Button>
          </p>
          <Choices item={item} thing={id} label={nameOf(breakers, id)} isException {...{ tapped, tap }} />
          <FieldError
            message={
              tapped[answerKey(item.item, id)] === NOT_CHOSEN ? messages.chooseWhatYouFound : undefined
            }
          />
        </div>
      ))}
      {others.length > 0 && (
        <SelectInput
          label={messages.addABreaker}
          isLabelHidden
          options={[
            { value: '', label: messages.addABreaker },
            ...others.map((id) => ({ value: id, label: nameOf(breakers, id) })),
          ]}
          value=""
          onValue={(id) => {
            if (id !== '') tap(answerKey(item.item, id), NOT_CHOSEN);
          }}
        />
      )}
    </>
  );
}
