import type { ReactNode } from 'react';
import { BackLink } from './BackLink.tsx';
import * as messages from './messages.ts';

interface Props {
  /** Where the way back leads, and what it is called. */
  backTo: string;
  back: string;
  title: string;
  children?: ReactNode;
}

/** The head of a page that belongs to another. */
export const PageHead = ({ backTo, back, title, children }: Props) => (
  <div>
    <title>{messages.phylaxon(title)}</title>
    <div className="lg:hidden">
      <BackLink to={backTo}>{back}</BackLink>
    </div>
    <h1 className="text-2xl font-bold">{title}</h1>
    {children}
  </div>
);
