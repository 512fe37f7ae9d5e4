import { useEffect, useState } from 'react';

const SETTLED_MS = 200;

/**
 * What is typed, once it has stayed the same for a moment.
 *
 * @param value text; what is emptied is so at once
 */
export function useSettled(value: string): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return value === '' ? value : settled;
}
