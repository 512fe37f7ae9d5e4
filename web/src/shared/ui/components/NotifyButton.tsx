import { useEffect, useState } from 'react';
import { Button } from './Button.tsx';
import * as messages from './messages.ts';

/** setTimeout knows no longer time than this, ms. */
const LONGEST_MS = 2 ** 31 - 1;

/** Have the browser tell when it is time, where it may; nothing where it cannot. */
export function NotifyButton({ at, title }: { at: number; title: string }) {
  const canNotify = 'Notification' in window && window.isSecureContext;
  const [permission, setPermission] = useState(() => (canNotify ? Notification.permission : 'denied'));
  useEffect(() => {
    const left = at - Date.now();
    if (permission !== 'granted' || left <= 0 || left > LONGEST_MS) return;
    const timer = setTimeout(() => new Notification(title), left);
    return () => clearTimeout(timer);
  }, [permission, at, title]);
  if (permission === 'denied') return null;
  if (permission === 'granted') return <p className="text-sm text-ink-soft">{messages.youWillBeNotified}</p>;
  return (
    <Button look="quiet" onClick={() => void Notification.requestPermission().then(setPermission)}>
      {messages.notifyMe}
    </Button>
  );
}
