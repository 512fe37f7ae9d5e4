import type { Request } from 'express';

/** So much of a body that nobody wants is read and thrown away, for so long. */
const MOST = { bytes: 8_000_000, ms: 3_000 } as const;

/**
 * Read what is left of a request that is answered before it has come whole, so that its sender reads the answer and the
 * connection can be used again.
 *
 * @returns whether all of it came; otherwise the connection has to be closed
 */
export function drain(request: Request): Promise<boolean> {
  if (request.complete || request.destroyed) return Promise.resolve(request.complete);
  return new Promise((resolve) => {
    let left: number = MOST.bytes;
    const end = () => {
      clearTimeout(timer);
      request.off('data', onData).off('end', end).off('close', end).off('error', end);
      resolve(request.complete);
    };
    const onData = (chunk: Buffer) => {
      if ((left -= chunk.length) < 0) end();
    };
    const timer = setTimeout(end, MOST.ms);
    request.on('data', onData).on('end', end).on('close', end).on('error', end);
    request.resume();
  });
}
