import {
  createServer as createHttp,
  type RequestListener,
  type Server as HttpServer,
  type ServerOptions,
} from 'node:http';
import { createServer as createHttps } from 'node:https';
import { createServer, type Server, type Socket } from 'node:net';
import type { ServerIdentity } from '../certificates/index.ts';

/** The first byte of a TLS connection: a handshake. */
const HANDSHAKE = 22;
/** Whoever connects and says nothing is let go after so long. */
const SILENT_MS = 20_000;

const isLoopback = (address = '') => /^(::ffff:)?127\.|^::1$/.test(address);

/** Files of the interface that others may fetch without TLS: what tells how to trust it, and what it is made of. */
const OPEN_PATHS = /^\/(trust(\/authority\.(crt|json))?|icon\.svg|assets\/[^?]*)(\?.*)?$/;

/** What listens on one port for both. */
export interface SecureListener {
  server: Server;
  /** The servers behind it, for what they have in common. */
  servers: HttpServer[];
  /** Another certificate from the next connection on. */
  renew: (identity: ServerIdentity) => void;
  closeAllConnections: () => void;
}

/**
 * HTTPS on a port, and HTTP on the same: for this machine itself, and to send others on.
 *
 * @param identity its certificate and key
 * @param options of both
 * @param app answers
 */
export function secureListener(
  identity: ServerIdentity,
  options: ServerOptions,
  app: RequestListener,
): SecureListener {
  const sockets = new Set<Socket>();
  const secure = createHttps(
    { ...options, cert: identity.cert, key: identity.key, minVersion: 'TLSv1.2' },
    app,
  );
  const plain = createHttp(options, (request, response) => {
    if (isLoopback(request.socket.remoteAddress) || OPEN_PATHS.test(request.url ?? ''))
      return app(request, response);
    response.writeHead(308, { Location: `https://${request.headers.host ?? ''}${request.url ?? '/'}` }).end();
  });
  const server = createServer((socket) => {
    sockets.add(socket);
    socket.once('close', () => sockets.delete(socket));
    socket.on('error', () => socket.destroy());
    socket.setTimeout(SILENT_MS, () => socket.destroy());
    socket.once('data', (first) => {
      socket.setTimeout(0);
      socket.removeAllListeners('timeout');
      socket.pause();
      socket.unshift(first);
      (first[0] === HANDSHAKE ? secure : plain).emit('connection', socket);
      process.nextTick(() => socket.resume());
    });
  });
  return {
    server,
    servers: [secure, plain],
    renew: ({ cert, key }) => secure.setSecureContext({ cert, key, minVersion: 'TLSv1.2' }),
    closeAllConnections: () => sockets.forEach((socket) => socket.destroy()),
  };
}
