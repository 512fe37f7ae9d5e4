import type { Board } from '@phylaxon/core/views/board';
import { parseDirectory, type DirectoryEntry } from '@phylaxon/core/panel/directory';
import { saySpaceList, type Placed } from '@phylaxon/core/panel/layout';
import { useId, type KeyboardEvent } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { drawing } from '../../shared/api/index.ts';
import {
  Button,
  DraftNote,
  FieldError,
  KIND_SHORT,
  placeText,
  showErrors,
  useDraft,
  withDraft,
} from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

const EXAMPLE = messages.kitchenCounter20Gf24;

const EMPTY = { text: '' };

const placedIn = ({ breakers }: Board): Placed[] =>
  breakers.flatMap(({ breaker }) => {
    const { id, space, poles, half } = breaker;
    return space === null ? [] : [{ id, space, poles, half }];
  });

/** A whole directory typed in one go: what was understood is shown before it is stored. */
export default function DirectoryForm({ board }: { board: Board }) {
  const id = useId();
  const draftName = `directory-${board.panel.id}`;
  const form = useForm({ defaultValues: withDraft(draftName, EMPTY) });
  const draft = useDraft(draftName, form, () => EMPTY);
  const { register, handleSubmit, formState, control } = form;
  const [text] = useWatch({ control, name: ['text'] });
  const { entries, openings, problems } = parseDirectory(text, board.panel, placedIn(board));
  const isEmpty = entries.length + openings.length === 0;

  const onSubmit = async (values: { text: string }) => {
    try {
      await sendNow(drawing.fitDirectory(board.panel.id, values.text));
      draft.clear();
    } catch (error) {
      showErrors(form, error, () => 'text');
    }
  };
  const submit = handleSubmit(onSubmit);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void submit();
  };

  return (
    <form noValidate onSubmit={submit} className="space-y-3">
      <DraftNote draft={draft} />
      <label htmlFor={id} className="block">
        {messages.oneBreakerPerLineSpaceName}
      </label>
      <textarea
        id={id}
        rows={8}
        spellCheck={false}
        placeholder={EXAMPLE}
        aria-describedby={`${id}-read`}
        onKeyDown={onKeyDown}
        className="figures w-full rounded-sm border border-rule-strong bg-bone-raised p-3 placeholder:text-ink-soft"
        {...register('text')}
      />
      <FieldError message={formState.errors.text?.message ?? formState.errors.root?.message} />
      <div id={`${id}-read`} aria-live="polite">
        <ul>
          {problems.map(({ line, message }) => (
            <li key={line} className="font-medium text-danger">
              {messages.line(<span aria-hidden="true">✕ </span>, line, message)}
            </li>
          ))}
        </ul>
        <ul className="columns-1 gap-6 sm:columns-2">
          {entries.map((entry) => (
            <li key={entry.line}>
              <Understood entry={entry} />
            </li>
          ))}
          {openings.map(({ line, spaces, cover }) => (
            <li key={line}>
              <span className="figures text-ink-soft">{saySpaceList(spaces)}</span>{' '}
              {cover === 'blank' ? messages.closedWithFillerPlates : 'open'}
            </li>
          ))}
        </ul>
      </div>
      <div className="flex flex-wrap items-center gap-4">
        <Button type="submit" disabled={formState.isSubmitting || problems.length > 0 || isEmpty}>
          {entries.length === 0
            ? openings.length > 0
              ? messages.saveTheseOpenings
              : messages.addTheseBreakers
            : messages.add(entries.length, entries.length === 1 ? 'breaker' : 'breakers')}
        </Button>
        <span className="text-sm text-ink-soft">{messages.orCtrlEnter}</span>
      </div>
    </form>
  );
}

function Understood({ entry }: { entry: DirectoryEntry }) {
  return (
    <>
      <span className="figures text-ink-soft">{placeText(entry)}</span> {entry.label}{' '}
      <span className="figures font-semibold">
        {entry.ratingAmps} A {KIND_SHORT[entry.kind]}
      </span>
      {entry.tied && messages.handleTieToTheOneBefore}
    </>
  );
}
