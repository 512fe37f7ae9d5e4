import { Suspense } from 'react';
import { Outlet } from 'react-router';
import { FirstVisit } from './FirstVisit.tsx';
import { Header } from './Header.tsx';
import { OutboxNotice } from './OutboxNotice.tsx';

/** What every view stands in. */
export function Layout() {
  return (
    <>
      <Header />
      <OutboxNotice />
      <FirstVisit />
      <Suspense fallback={<p className="p-6">Opening …</p>}>
        <Outlet />
      </Suspense>
    </>
  );
}
