const NAME = 'phylaxon-lines';
const MOST = 50;

/** Lines that were stored before, the newest last; kept in this browser. */
export function earlierLines(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(NAME) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
  } catch {
    return [];
  }
}

export function rememberLine(line: string): void {
  const lines = [...earlierLines().filter((one) => one !== line), line].slice(-MOST);
  try {
    localStorage.setItem(NAME, JSON.stringify(lines));
  } catch {
    // A browser that keeps nothing brings nothing back.
  }
}
