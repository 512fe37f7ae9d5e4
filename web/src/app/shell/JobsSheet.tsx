import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { useProfile } from '../../shared/stores/index.ts';
import { classes } from '../../shared/ui/index.ts';
import { jobAt, jobsFor, type PanelAt } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** On a phone: every job with its pages, over the page until one is chosen. */
export function JobsSheet({ at, onClose }: { at: PanelAt; onClose: () => void }) {
  const { pathname } = useLocation();
  const profile = useProfile((state) => state.profile);
  const here = jobAt(pathname);
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 flex items-end bg-enamel-sunk/70">
        <DialogPanel className="max-h-[85dvh] w-full overflow-y-auto bg-bone px-4 pt-2 pb-4">
          <div className="flex items-center justify-between">
            <DialogTitle className="text-xl font-bold">{messages.jobs}</DialogTitle>
            <button
              type="button"
              aria-label={messages.close}
              onClick={onClose}
              className="flex size-11 items-center justify-center"
            >
              <X aria-hidden="true" className="size-5" />
            </button>
          </div>
          {jobsFor(profile).map(({ id, label, pages }) => (
            <nav key={id} aria-label={label} className="border-t border-rule-strong py-1">
              <h2 className="pt-1 text-sm font-semibold text-ink-soft">{label}</h2>
              <ul className="grid grid-cols-2 gap-x-4">
                {pages.map((page) => {
                  const isHere = page.label === here?.page?.label && id === here.job.id;
                  return (
                    <li key={page.label}>
                      <Link
                        to={page.to(at)}
                        onClick={onClose}
                        aria-current={isHere ? 'page' : undefined}
                        className={classes(
                          'flex min-h-11 items-center underline-offset-4',
                          isHere ? 'font-bold' : 'underline',
                        )}
                      >
                        {page.label}
                      </Link>
                    </li>
                  );
                })}
              </ul>
            </nav>
          ))}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
