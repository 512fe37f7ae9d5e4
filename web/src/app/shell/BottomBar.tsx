import { LayoutGrid, House, PenLine, Wrench } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { useRole } from '../../shared/queries/index.ts';
import { useReadingLine } from '../../shared/stores/index.ts';
import { classes } from '../../shared/ui/index.ts';
import { useLastPanel } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

const JobsSheet = lazy(async () => ({ default: (await import('./JobsSheet.tsx')).JobsSheet }));

const ENTRY = 'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 border-t-4 text-sm';
const HERE = 'border-heed-lit font-bold';
const AWAY = 'border-transparent';

/** On a phone: the start page, the board, the jobs and the reading line, always in the same place. */
export function BottomBar() {
  const { pathname } = useLocation();
  const panel = useLastPanel((state) => state.panel);
  const openLine = useReadingLine((state) => state.open);
  const mayLog = useRole() !== 'viewer';
  const [isOpen, setOpen] = useState(false);
  const board = panel && `/panels/${panel.panelId}`;
  return (
    <>
      <nav
        aria-label={messages.mainNavigation}
        className="on-enamel fixed inset-x-0 bottom-0 z-20 flex bg-enamel-sunk text-enamel-text lg:hidden print:hidden"
      >
        <Entry
          to="/"
          isHere={pathname === '/'}
          label={messages.start}
          icon={<House aria-hidden="true" className="size-5" />}
        />
        {board && panel && (
          <>
            <Entry
              to={board}
              isHere={pathname === board}
              label={messages.board}
              icon={<LayoutGrid aria-hidden="true" className="size-5" />}
            />
            <button
              type="button"
              aria-haspopup="dialog"
              aria-expanded={isOpen}
              onClick={() => setOpen(true)}
              className={classes(ENTRY, pathname !== '/' && pathname !== board ? HERE : AWAY)}
            >
              <Wrench aria-hidden="true" className="size-5" />
              {messages.jobs}
            </button>
          </>
        )}
        {mayLog && (
          <button
            type="button"
            aria-keyshortcuts="/"
            onClick={() => openLine()}
            className={classes(ENTRY, AWAY)}
          >
            <PenLine aria-hidden="true" className="size-5" />
            {messages.logLabel}
          </button>
        )}
      </nav>
      {isOpen && panel && (
        <Suspense fallback={null}>
          <JobsSheet at={panel} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

function Entry({ to, isHere, label, icon }: { to: string; isHere: boolean; label: string; icon: ReactNode }) {
  return (
    <Link to={to} aria-current={isHere ? 'page' : undefined} className={classes(ENTRY, isHere ? HERE : AWAY)}>
      {icon}
      {label}
    </Link>
  );
}
