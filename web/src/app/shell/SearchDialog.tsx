import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
  DialogTitle,
} from '@headlessui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useReadingLine } from '../../shared/stores/index.ts';
import { useSearchItems, type SearchItem } from './useSearchItems.ts';
import * as messages from './messages.ts';

/** One search for everything: breakers, rooms, cases, panels, pages, and readings to log. */
export function SearchDialog({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const openLine = useReadingLine((state) => state.open);
  const groups = useSearchItems(text);
  const choose = (item: SearchItem | null) => {
    if (!item) return;
    onClose();
    if (item.line !== undefined) openLine(item.line);
    else void navigate(item.to);
  };
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-enamel-sunk/70 p-3 sm:p-12">
        <DialogPanel className="mx-auto flex max-h-full max-w-2xl flex-col rounded-sm bg-bone p-3 sm:p-4">
          <DialogTitle className="sr-only">{messages.search}</DialogTitle>
          <Combobox<SearchItem | null> value={null} onChange={choose}>
            <ComboboxInput
              autoFocus
              aria-label={messages.searchEverything}
              placeholder={messages.searchExample}
              autoComplete="off"
              className="min-h-12 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 text-lg placeholder:text-ink-soft"
              onChange={(event) => setText(event.target.value)}
              onKeyDown={(event) => event.key === 'Escape' && onClose()}
            />
            <ComboboxOptions static className="mt-2 min-h-0 overflow-y-auto">
              {groups.map(({ title, items }) => (
                <div key={title} role="group" aria-label={title}>
                  <p className="px-3 pt-2 text-sm font-semibold text-ink-soft" aria-hidden="true">
                    {title}
                  </p>
                  {items.map((item) => (
                    <ComboboxOption
                      key={item.id}
                      value={item}
                      className="flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-3 rounded-xs px-3 py-2 data-focus:bg-ink data-focus:text-bone-raised"
                    >
                      <strong>{item.label}</strong>
                      <span className="text-sm">{item.detail}</span>
                    </ComboboxOption>
                  ))}
                </div>
              ))}
            </ComboboxOptions>
          </Combobox>
          {text.trim() !== '' && groups.length === 0 && <p className="px-3 py-4">{messages.nothingFound}</p>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
