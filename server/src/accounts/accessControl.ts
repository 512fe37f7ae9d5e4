import { parse, serialize } from 'cookie';
import type { Request, Response } from 'express';
import { ApiError, type Asker, type Route } from '../http/index.ts';
import { LONGEST_SESSION_MS, type Accounts } from './accounts.ts';
import type { MeterTokens } from './meterTokens.ts';
import { mayAsk, permissionOf } from './permissions.ts';
import { signedOut } from './refusals.ts';
import * as messages from './messages.ts';

const COOKIE = 'phylaxon-session';
/** What a viewer is at work as, whatever the request says. */
const PROFILE_HEADER = 'phylaxon-profile';

/** The cookie of a session; without a token: it is taken away. */
export const sessionCookie = (token: string | null, isSecure: boolean): string =>
  serialize(COOKIE, token ?? '', {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: isSecure,
    maxAge: token === null ? 0 : LONGEST_SESSION_MS / 1000,
  });

/** Import in place of what is here restores an earlier state of a site: that is the owner’s. */
const isRestoring = ({ path, method }: Route, request: Request) =>
  method === 'post' && path === '/imports' && [request.query.mode].flat().includes('replace');

const bearerOf = ({ headers }: Request): string | null =>
  /^Bearer +(\S+)$/i.exec(headers.authorization ?? '')?.[1] ?? null;

/**
 * Stands before every route: nobody passes without a session whose role may.
 *
 * @param accounts who has one
 * @param meters which devices send with a token of theirs
 * @param isOn whether accounts are used at all
 */
export const accessControl =
  (accounts: Accounts, meters: MeterTokens, isOn: () => boolean) =>
  async (request: Request, response: Response, route: Route | null): Promise<void> => {
    if (!isOn()) return;
    const isOfMeter = route?.method === 'post' && route.path === '/feeds/:feed/samples';
    const bearer = isOfMeter ? bearerOf(request) : null;
    if (bearer !== null) {
      if (await meters.fits(String(request.params.feed), bearer)) return;
      throw new ApiError(401, 'wrong_token', messages.theMeterTokenIsWrong);
    }
    const permission = route ? permissionOf(route) : 'viewer';
    const isSession = route?.path === '/session';
    if (permission === 'anyone' && !isSession) return;
    const token = parse(request.headers.cookie ?? '')[COOKIE];
    const asker: Asker | null = token ? await accounts.signedIn(token) : null;
    response.locals.asker = asker;
    if (permission === 'anyone') return;
    if (!asker) throw signedOut();
    if (!mayAsk(asker.role, route && isRestoring(route, request) ? 'owner' : permission))
      throw new ApiError(403, 'not_for_this_role', messages.notForYourRole(asker.role));
    if (isOfMeter && (await meters.has(String(request.params.feed))))
      throw new ApiError(403, 'meter_has_token', messages.thisMeterSendsWithItsToken);
    if (asker.role === 'viewer') {
      request.headers[PROFILE_HEADER] = 'homeowner';
      response.locals.isHomeowner = route !== null && /^\/cases(\/|$)/.test(route.path);
    }
    if (route?.stream)
      response.on(
        'close',
        accounts.watch(asker.sessionHash, () => response.destroy()),
      );
  };
