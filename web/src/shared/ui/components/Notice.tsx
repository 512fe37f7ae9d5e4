import type { ReactNode } from 'react';

/** A sentence about how things stand, with what to do. */
export function Notice({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div role="status" className="border-l-4 border-heed bg-bone-raised px-4 py-3">
      <p className="font-semibold">{title}</p>
      {children}
    </div>
  );
}
