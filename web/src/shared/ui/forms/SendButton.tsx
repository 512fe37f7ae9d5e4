import { useState, type ReactNode } from 'react';
import type { Sendable } from '../../api/index.ts';
import { sendEntries } from '../../stores/index.ts';
import { Button, useAction } from '../components/index.ts';
import * as messages from './messages.ts';

interface Props {
  /** What is sent, as of the press; a file goes to the server before the entry that names it. */
  entries: () => Sendable[] | Promise<Sendable[]>;
  /** What it says once the server has it, and while it only waits for the server. */
  stored: string;
  waiting?: string;
  onStored?: () => void;
  /** It is told: the server has it, or it waits here for the server. */
  onTold?: () => void;
  look?: 'primary' | 'quiet';
  disabled?: boolean;
  /** It is done once and for all. */
  once?: boolean;
  children: ReactNode;
}

/** A button that sends entries outside a form, and tells beside itself what became of them. */
export function SendButton({
  entries,
  stored,
  waiting = messages.waitingForTheServer,
  onStored,
  onTold,
  look = 'quiet',
  disabled = false,
  once = false,
  children,
}: Props) {
  const { problem, busy, run } = useAction();
  const [became, setBecame] = useState<string | null>(null);
  const send = () =>
    run(async () => {
      setBecame(null);
      const is = await sendEntries(...(await entries()));
      setBecame(is === 'stored' ? `✓ ${stored}` : waiting);
      if (is === 'stored') onStored?.();
      onTold?.();
    });
  const isDone = once && became !== null;
  return (
    <span className="inline-flex flex-wrap items-center gap-3">
      <Button look={look} disabled={disabled || busy || isDone} onClick={() => void send()}>
        {children}
      </Button>
      <span role="status" className={problem ? 'font-medium text-danger' : 'font-semibold text-good'}>
        {problem ?? became}
      </span>
    </span>
  );
}
