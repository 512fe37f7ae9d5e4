import { hostname } from 'node:os';
import type { Request, RequestHandler } from 'express';
import { ApiError } from './errors.ts';
import * as messages from './messages.ts';

const isLoopback = (address: string) => /^(127\.|::1$)/.test(address);
const plainAddress = (address = '') => address.replace(/^::ffff:(?=\d+\.)/, '');
const bare = (name: string) =>
  name
    .toLowerCase()
    .replace(/^\[|\]$/g, '')
    .replace(/\.$/, '');

/** The name in a Host header, without its port. */
function hostName(header: string | undefined): string | null {
  const parts = /^(\[[0-9a-f:.]+\]|[^:/?#@\s]+)(?::\d{1,5})?$/i.exec(header ?? '');
  return parts ? bare(parts[1]!) : null;
}

/** The names by which a request that came in on this address may have asked for us. */
function ownNames(address: string, added: readonly string[]): Set<string> {
  const machine = hostname().toLowerCase();
  const names = isLoopback(address) ? ['localhost', '127.0.0.1', '::1'] : [machine, `${machine}.local`];
  return new Set([address.toLowerCase(), ...names, ...added.map(bare)]);
}

/** A page of our own asked, or nobody’s page did: a person who typed the address, a program. */
function isOwnPage(request: Request): boolean {
  const { origin, host } = request.headers;
  if (origin !== undefined && !['http', 'https'].some((scheme) => origin === `${scheme}://${host}`))
    return false;
  const site = request.get('sec-fetch-site');
  return site === undefined || site === 'same-origin' || site === 'none';
}

/** Somebody followed a link to the interface from elsewhere: nothing is changed and nothing told to that page. */
const isArrival = (request: Request) =>
  request.method === 'GET' &&
  !request.path.startsWith('/api/') &&
  request.headers.origin === undefined &&
  request.get('sec-fetch-mode') === 'navigate' &&
  request.get('sec-fetch-dest') === 'document';

/**
 * Answer only who asked for us by a name of ours, and no page but our own: a page elsewhere may point a name of its
 * own to this machine, or send a form here.
 *
 * @param added further names by which this server is reached, without ports
 */
export function sameOriginOnly(added: readonly string[]): RequestHandler {
  return (request, _response, next) => {
    const name = hostName(request.headers.host);
    if (name === null || !ownNames(plainAddress(request.socket.localAddress), added).has(name)) {
      throw new ApiError(403, 'foreign_host', messages.thisServerDoesNotUseThat);
    }
    if (!isOwnPage(request) && !isArrival(request)) {
      throw new ApiError(403, 'foreign_page', messages.requestsFromPagesOfOtherSites);
    }
    next();
  };
}
