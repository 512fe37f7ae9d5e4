import { useState, type ReactNode } from 'react';
import type { Pending } from '../../api/index.ts';
import { sendEntries } from '../../stores/index.ts';
import { Button } from '../components/index.ts';
import { sayError } from './formErrors.ts';

interface Props {
  /** What is sent, as of the press; a file goes to the server before the entry that names it. */
  entries: () => Pending[] | Promise<Pending[]>;
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
  waiting = 'Waits for the server',
  onStored,
  onTold,
  look = 'quiet',
  disabled = false,
  once = false,
  children,
}: Props) {
  const [busy, setBusy] = useState(false);
  const [became, setBecame] = useState<{ text: string; isWrong: boolean } | null>(null);
  const send = async () => {
    setBusy(true);
    setBecame(null);
    try {
      const is = await sendEntries(...(await entries()));
      setBecame({ text: is === 'stored' ? `✓ ${stored}` : waiting, isWrong: false });
      if (is === 'stored') onStored?.();
      onTold?.();
    } catch (error) {
      setBecame({ text: sayError(error), isWrong: true });
    } finally {
      setBusy(false);
    }
  };
  const isDone = once && became?.isWrong === false;
  return (
    <span className="inline-flex flex-wrap items-center gap-3">
      <Button look={look} disabled={disabled || busy || isDone} onClick={() => void send()}>
        {children}
      </Button>
      <span role="status" className={became?.isWrong ? 'font-medium text-danger' : 'font-semibold text-good'}>
        {became?.text}
      </span>
    </span>
  );
}
