import { Suspense } from 'react';
import { Outlet } from 'react-router';
import { Header } from './Header.tsx';

/** What every view stands in. */
export function Layout() {
  return (
    <>
      <Header />
      <Suspense fallback={<p className="p-6">Opening …</p>}>
        <Outlet />
      </Suspense>
    </>
  );
}
