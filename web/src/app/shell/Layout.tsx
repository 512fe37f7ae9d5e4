import { PenLine } from 'lucide-react';
import { lazy, Suspense, useEffect } from 'react';
import { Outlet, useLocation } from 'react-router';
import { loadCommands } from '../../shared/api/index.ts';
import { classes, isTyping } from '../../shared/ui/index.ts';
import { useReadingLine } from '../../shared/stores/index.ts';
import { FirstVisit } from './FirstVisit.tsx';
import { Header } from './Header.tsx';
import { OutboxNotice } from './OutboxNotice.tsx';

const ReadingLine = lazy(async () => ({
  default: (await import('../../measure/readingLine/index.ts')).ReadingLine,
}));

const ClockNotice = lazy(async () => ({ default: (await import('./ClockNotice.tsx')).ClockNotice }));

/** The key that opens the reading line everywhere. */
const LINE_KEY = '/';

/** What every view stands in. */
export function Layout() {
  const { isOpen, open } = useReadingLine();
  // A case, a visit, a map, a round leads by itself, one step at a time: nothing else is offered beside it.
  const isLed = /^\/(cases|visits)\/|\/(map|upkeep|report)$/.test(useLocation().pathname);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key !== LINE_KEY || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target))
        return;
      event.preventDefault();
      open();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [open]);
  useEffect(() => void loadCommands().catch(() => undefined), []);
  return (
    <>
      <Header />
      <OutboxNotice />
      <Suspense fallback={null}>
        <ClockNotice />
      </Suspense>
      <FirstVisit />
      <Suspense fallback={<p className="p-6">Opening …</p>}>
        <Outlet />
      </Suspense>
      {/* What is docked below covers nothing for good: the page can be scrolled past it. */}
      <div
        aria-hidden="true"
        className={classes('print:hidden', isOpen ? 'h-64' : !isLed && 'h-16 sm:hidden')}
      />
      {isOpen && (
        <Suspense fallback={null}>
          <ReadingLine />
        </Suspense>
      )}
      {!isOpen && !isLed && (
        <button
          type="button"
          onClick={open}
          aria-keyshortcuts={LINE_KEY}
          className="fixed right-3 bottom-3 z-20 flex min-h-12 items-center gap-2 rounded-sm border-2 border-ink bg-bone-raised px-4 font-semibold shadow-md sm:hidden print:hidden"
        >
          <PenLine aria-hidden="true" className="size-5" /> Log a line
        </button>
      )}
    </>
  );
}
