import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The way back to what a page belongs to; paper needs none. */
export const BackLink = ({ to, children }: { to: string; children: ReactNode }) => (
  <Link
    to={to}
    className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4 print:hidden"
  >
    ← {children}
  </Link>
);
