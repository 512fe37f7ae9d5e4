import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import type { PlannedPanel } from '@phylaxon/core/views/planning';
import { useEffect, useRef } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { entries } from '../../shared/api/index.ts';
import { Notice, SendButton, useUnits } from '../../shared/ui/index.ts';
import { SheetFields } from './SheetFields.tsx';
import { readSheetForm, toSheetForm, type SheetForm as Values } from './sheetForm.ts';
import * as messages from './messages.ts';

interface Props {
  begun: ServiceSheet;
  planned: PlannedPanel;
  /** Told every sheet that can be read as it is typed. */
  onRead: (sheet: ServiceSheet) => void;
}

/** The loads of the house as they are counted: filled in from the record, changed and saved here. */
export function ServiceSheetForm({ begun, planned, onRead }: Props) {
  const { dateText } = useUnits();
  const form = useForm<Values>({ defaultValues: toSheetForm(begun) });
  // All fields have a value from the beginning.
  const typed = useWatch({ control: form.control }) as Values;
  const read = readSheetForm(typed);
  const errors = new Map((read.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]));
  const last = useRef(begun);
  const text = read.success ? JSON.stringify(read.data) : null;
  useEffect(() => {
    if (text === null || text === JSON.stringify(last.current)) return;
    last.current = JSON.parse(text) as ServiceSheet;
    onRead(last.current);
  }, [text, onRead]);
  return (
    <section aria-label={messages.loadsInThisHouse} className="space-y-4 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.loadsInThisHouse}</h2>
      {errors.size > 0 && <Notice title={messages.correctTheFieldsBelowThe} />}
      <p className="text-ink-soft">
        {planned.sheet ? messages.asSavedOn(dateText(planned.sheet.at)) : messages.filledInFromThisSiteS}
      </p>
      <form noValidate onSubmit={(event) => event.preventDefault()}>
        <SheetFields form={form} errors={errors} />
      </form>
      <SendButton
        look="primary"
        disabled={!read.success}
        stored={messages.saved}
        entries={() => [
          entries.panelEntry(planned.panel.id, planned.panel.name, {
            kind: 'service-sheet',
            at: new Date().toISOString(),
            content: last.current,
          }),
        ]}
      >
        {messages.saveTheseFigures}
      </SendButton>
    </section>
  );
}
