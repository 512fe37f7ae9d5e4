import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet, useLocation } from 'react-router';
import { loadCommands } from '../../shared/api/index.ts';
import { classes, isTyping } from '../../shared/ui/index.ts';
import { useSession } from '../../shared/queries/index.ts';
import { useReadingLine } from '../../shared/stores/index.ts';
import { BottomBar } from './BottomBar.tsx';
import { FirstVisit } from './FirstVisit.tsx';
import { Header } from './Header.tsx';
import { OutboxNotice } from './OutboxNotice.tsx';
import { useTheme } from './useTheme.ts';
import * as messages from './messages.ts';

const ReadingLine = lazy(async () => ({
  default: (await import('../../measure/readingLine/index.ts')).ReadingLine,
}));

const ClockNotice = lazy(async () => ({ default: (await import('./ClockNotice.tsx')).ClockNotice }));

const SearchDialog = lazy(async () => ({ default: (await import('./SearchDialog.tsx')).SearchDialog }));

const ShortcutsDialog = lazy(async () => ({
  default: (await import('./ShortcutsDialog.tsx')).ShortcutsDialog,
}));

const SignIn = lazy(async () => ({ default: (await import('../signIn/index.ts')).SignIn }));

/** What lies over the page. */
type Over = 'search' | 'shortcuts' | null;

/** What every view stands in. */
export function Layout() {
  const { isOpen, open } = useReadingLine();
  const { pathname } = useLocation();
  const session = useSession();
  const isIn = session.is === 'in';
  const [wasIn, setWasIn] = useState(false);
  if (isIn && session.isTold && !wasIn) setWasIn(true);
  const [over, setOver] = useState<Over>(null);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const isCommand = event.ctrlKey || event.metaKey;
      if (isCommand && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setOver('search');
      } else if (!isCommand && !event.altKey && !isTyping(event.target)) {
        if (event.key === '/') open();
        else if (event.key === '?') setOver('shortcuts');
        else return;
        event.preventDefault();
      }
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [open]);
  useTheme();
  useEffect(() => void loadCommands().catch(() => undefined), []);
  return (
    <>
      <Header onSearch={isIn ? () => setOver('search') : undefined} />
      <OutboxNotice />
      {!isIn && (
        <Suspense fallback={null}>
          <SignIn isNew={session.is === 'new'} />
        </Suspense>
      )}
      <Suspense fallback={null}>
        <ClockNotice />
      </Suspense>
      {isIn && pathname === '/' && <FirstVisit />}
      {/* Whoever is signed out in the middle of something finds it as it was. */}
      {(isIn || wasIn) && (
        <div className={isIn ? 'contents' : 'hidden'}>
          <Suspense fallback={<p className="p-6">{messages.loading}</p>}>
            <Outlet />
          </Suspense>
        </div>
      )}
      {/* What is docked below covers nothing for good: the page can be scrolled past it. */}
      <div aria-hidden="true" className={classes('print:hidden', isOpen ? 'h-64' : 'h-16 lg:hidden')} />
      {isIn && <BottomBar />}
      {isIn && isOpen && (
        <Suspense fallback={<TypedAhead />}>
          <ReadingLine />
        </Suspense>
      )}
      <Suspense fallback={null}>
        {over === 'search' && <SearchDialog onClose={() => setOver(null)} />}
        {over === 'shortcuts' && <ShortcutsDialog onClose={() => setOver(null)} />}
      </Suspense>
    </>
  );
}

/** What is typed while the reading line is still being loaded is its text. */
function TypedAhead() {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.key.length !== 1) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      useReadingLine.setState(({ text }) => ({ text: text + event.key }));
    };
    window.addEventListener('keydown', onKeyDown, { capture: true });
    return () => window.removeEventListener('keydown', onKeyDown, { capture: true });
  }, []);
  return null;
}
