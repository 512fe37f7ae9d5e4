import { Link, useLocation } from 'react-router';
import { useProfile } from '../../shared/stores/index.ts';
import { classes } from '../../shared/ui/index.ts';
import { jobAt, jobsFor, type PanelAt } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** The jobs at the panel, and the pages of the one that is open; the place where one is stays marked. */
export function JobBar({ at }: { at: PanelAt }) {
  const { pathname } = useLocation();
  const profile = useProfile((state) => state.profile);
  const jobs = jobsFor(profile);
  const here = jobAt(pathname);
  const open = jobs.find(({ id }) => id === here?.job.id);
  return (
    <div className="sticky top-0 z-10 hidden border-b border-rule-strong bg-bone lg:block print:hidden">
      <nav aria-label={messages.jobs} className="px-4 sm:px-6">
        <ul className="-mx-2 flex flex-wrap">
          {jobs.map(({ id, label, pages }) => (
            <li key={id}>
              <Link
                to={pages[0]!.to(at)}
                aria-current={id === open?.id ? 'true' : undefined}
                className={classes(
                  'flex min-h-11 items-center border-b-4 px-2 whitespace-nowrap',
                  id === open?.id ? 'border-ink font-bold' : 'border-transparent hover:border-rule-strong',
                )}
              >
                {label}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      {open && open.pages.length > 1 && (
        <nav aria-label={messages.pagesOf(open.label)} className="border-t border-rule px-4 sm:px-6">
          <ul className="-mx-2 flex flex-wrap text-sm">
            {open.pages.map((page) => {
              const isHere = page.label === here?.page?.label;
              return (
                <li key={page.label}>
                  <Link
                    to={page.to(at)}
                    aria-current={isHere ? 'page' : undefined}
                    className={classes(
                      'flex min-h-11 items-center px-2 whitespace-nowrap underline-offset-4',
                      isHere ? 'font-bold' : 'underline hover:bg-bone-sunk',
                    )}
                  >
                    {page.label}
                  </Link>
                </li>
              );
            })}
          </ul>
        </nav>
      )}
    </div>
  );
}
