import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Fragment } from 'react';
import { Button } from '../../shared/ui/index.ts';
import { SHORTCUTS } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** The keys, over the page until it is closed. */
export function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 flex items-center justify-center bg-enamel-sunk/70 p-4">
        <DialogPanel className="max-h-full w-full max-w-xl overflow-y-auto rounded-sm bg-bone p-5">
          <DialogTitle className="text-xl font-bold">{messages.keyboardShortcuts}</DialogTitle>
          <dl className="mt-3 grid grid-cols-[max-content_1fr] gap-x-6 gap-y-2">
            {SHORTCUTS.map(([keys, what]) => (
              <Fragment key={keys}>
                <dt className="figures">{keys}</dt>
                <dd>{what}</dd>
              </Fragment>
            ))}
          </dl>
          <Button look="quiet" className="mt-4" onClick={onClose}>
            {messages.close}
          </Button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
