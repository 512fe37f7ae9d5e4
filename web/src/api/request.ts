interface Issue {
  path: string;
  message: string;
}

/** What went wrong with a request, in words for the person; `issues` tell it by field. */
export class RequestError extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly issues: Issue[] = [],
  ) {
    super(message);
  }
}

/** No answer at all: the server is gone. */
export const NO_SERVER = 0;

/**
 * Ask the server.
 *
 * @throws RequestError with the server's own words, or that it does not answer
 */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
  let answer: Response;
  try {
    answer = await fetch(`/api/v1${path}`, {
      method,
      ...(body !== undefined && {
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      }),
    });
  } catch {
    throw new RequestError(
      'The server does not answer. Nothing was stored; try again when it runs.',
      NO_SERVER,
    );
  }
  const content = (await answer.json().catch(() => null)) as {
    error?: { message: string; issues?: Issue[] };
  } | null;
  if (answer.ok && content !== null) return content as T;
  throw new RequestError(
    content?.error?.message ?? 'The server answered with something unreadable.',
    answer.status,
    content?.error?.issues,
  );
}
