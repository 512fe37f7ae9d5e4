import type { LinkSubject } from '@phylaxon/core/record/accounts';
import { useState } from 'react';
import { useRole } from '../../shared/queries/index.ts';
import { Button, later } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const SharePanel = later(async () => (await import('./SharePanel.tsx')).SharePanel);

interface Props {
  siteId: string;
  what: LinkSubject;
  /** What it shows. */
  of: string;
}

/** A button that gives a link to this page to somebody without an account. */
export function ShareLink(props: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const mayShare = useRole() !== 'viewer';
  if (!mayShare) return null;
  return (
    <>
      <Button look="quiet" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
        {messages.shareALink}
      </Button>
      {isOpen && <SharePanel {...props} />}
    </>
  );
}
