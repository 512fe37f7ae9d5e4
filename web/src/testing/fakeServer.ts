/** A request as the server would see it. */
export interface Asked {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: unknown;
}

type Answer = { status?: number; body: unknown } | 'gone';

/**
 * Stands in for the server in tests of the browser: remembers what it is asked, answers as it is told.
 *
 * @param answer to each request; `'gone'`: nothing answers
 */
export function fakeServer(answer: (asked: Asked) => Answer = () => ({ body: {} })) {
  const asked: Asked[] = [];
  let answers = answer;
  let held = Promise.resolve();
  const before = globalThis.fetch;
  globalThis.fetch = ((address: string, init: RequestInit = {}) => {
    const request: Asked = {
      method: init.method ?? 'GET',
      path: String(address).replace('/api/v1', ''),
      headers: (init.headers ?? {}) as Record<string, string>,
      body: typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : init.body,
    };
    asked.push(request);
    const told = answers(request);
    if (told === 'gone') return Promise.reject(new TypeError('Failed to fetch'));
    const response = new Response(JSON.stringify(told.body), {
      status: told.status ?? 200,
      headers: { 'Content-Type': 'application/json' },
    });
    return held.then(() => response);
  }) as typeof fetch;
  return {
    asked,
    /** From now on it answers so. */
    nowAnswers: (next: (asked: Asked) => Answer) => {
      answers = next;
    },
    /** No answer arrives until the returned function is called. */
    hold: (): (() => void) => {
      let release = () => undefined as void;
      held = new Promise((resolve) => (release = resolve));
      return release;
    },
    close: () => {
      globalThis.fetch = before;
    },
  };
}
