import type { Socket } from 'node:net';
import * as messages from './messages.ts';

/** What Node’s parser refuses before there is a request, by its code. */
const REFUSALS: Record<string, [line: string, code: string, message: string]> = {
  HPE_HEADER_OVERFLOW: ['431 Request Header Fields Too Large', 'too_large', messages.theHeadersAreTooLong],
  ERR_HTTP_REQUEST_TIMEOUT: ['408 Request Timeout', 'timeout', messages.theRequestTookTooLongTo],
};
const UNREADABLE = ['400 Bad Request', 'bad_request', messages.theRequestCouldNotBeRead] as const;

/** Answer what is no request at all in the shape of every other error. */
export function answerUnreadable(error: NodeJS.ErrnoException, socket: Socket): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy();
  const [line, code, message] = REFUSALS[error.code ?? ''] ?? UNREADABLE;
  const body = JSON.stringify({ error: { code, message, issues: [{ path: '', message }] } });
  socket.end(
    `HTTP/1.1 ${line}\r\nContent-Type: application/json; charset=utf-8\r\nContent-Length: ${Buffer.byteLength(body)}\r\nConnection: close\r\n\r\n${body}`,
  );
}
