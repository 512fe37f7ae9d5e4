import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import compressedStatic from 'express-static-gzip';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { z } from 'zod';
import { recordRoutes } from './recordRoutes.ts';
import { Access } from '../accounts/index.ts';
import type { BackupKeeper } from '../backups/index.ts';
import { Changes } from '../changes/index.ts';
import { ComputePool, computeRoutes } from '../compute/index.ts';
import { feedRoutes, Feeds } from '../feeds/index.ts';
import {
  implement,
  ApiError,
  errorHandler,
  fromStore,
  guard,
  KeptJson,
  manyStreamsRoute,
  mount,
  openApiDocument,
  readBodies,
  sameOriginOnly,
  unknownRoute,
  type Route,
} from '../http/index.ts';
import type { PhotoFolder } from '../photos/index.ts';
import type { Store } from '../store/index.ts';
import { inLanguage } from '../settings/index.ts';

const API = '/api/v1';
/** How long the body of a request may be, but for routes that say otherwise. */
const BODY_LIMIT_BYTES = 1024 ** 2;

interface Options {
  store: Store;
  photos: PhotoFolder;
  /** Who watches what; one of its own, unless somebody else tells of changes too. */
  changes?: Changes;
  backups?: BackupKeeper | null;
  /** Who may do what; left out, everybody may do everything. */
  access?: Access;
  /** What devices are to trust, where the server has a certificate of its own authority. */
  authority?: () => { certificate: string; fingerprint: string } | null;
  /** Devices that send; kept in memory. */
  feeds?: Feeds;
  logger: Logger;
  /** Further names by which the server is reached. */
  hosts?: readonly string[];
  /** The built interface; left out, only the API is served. */
  webRoot?: string;
}

const healthRoute = (store: Store) =>
  implement('GET /health', {
    isAtOnce: true,
    handle: async () => {
      const trouble = await store.troubleNow();
      if (trouble) throw new ApiError(503, fromStore(trouble).code, trouble.message);
      return { status: 'ok' as const };
    },
  });

/** The application: the API and, where it was built, the interface. */
export function createApp({
  store,
  photos,
  logger,
  webRoot,
  hosts = [],
  changes = new Changes(),
  backups = null,
  feeds = new Feeds(),
  access = new Access(store),
  authority = () => null,
}: Options): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger, autoLogging: false }));
  app.use((request, _response, next) => inLanguage(request.headers['accept-language'], next));
  app.use(contentSecurity());
  app.use(sameOriginOnly(hosts));

  // Made when it is first asked for: that takes longer than all the rest.
  let document: KeptJson | null = null;
  const openApiRoute: Route = {
    method: 'get',
    path: '/openapi.json',
    tag: 'server',
    summary: 'This document',
    status: 200,
    answer: z.record(z.string(), z.unknown()),
    handle: () => (document ??= new KeptJson(openApiDocument(routes, API))),
  };
  const ofRecord = [...feedRoutes(feeds), ...recordRoutes({ store, photos, changes, backups }, access)];
  const routes: Route[] = [
    healthRoute(store),
    ...computeRoutes(new ComputePool()),
    ...ofRecord,
    manyStreamsRoute(ofRecord),
    openApiRoute,
  ];

  const api = express.Router();
  guard(api, routes, access.admit);
  readBodies(api, routes, BODY_LIMIT_BYTES);
  api.use(access.restrict, access.keepVisitApart);
  mount(api, routes, (done) => access.done(done));
  api.use(unknownRoute);
  app.use(API, api);
  app.use('/api', unknownRoute);

  serveAuthority(app, authority);
  if (webRoot && existsSync(join(webRoot, 'index.html'))) serveInterface(app, webRoot, access);
  app.use(unknownRoute);
  app.use(errorHandler);
  return app;
}

function contentSecurity() {
  const self = ["'self'"];
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: self,
        styleSrc: self,
        imgSrc: [...self, 'blob:'],
        fontSrc: self,
        connectSrc: self,
        workerSrc: self,
        manifestSrc: self,
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
  });
}

/** What devices are to trust, and how they show it: to compare. */
function serveAuthority(app: Express, authority: NonNullable<Options['authority']>) {
  app.get('/trust/authority.json', (_request, response, next) => {
    const own = authority();
    if (!own) return next();
    response.set('Cache-Control', 'no-store').json({ fingerprint: own.fingerprint });
  });
  app.get('/trust/authority.crt', (_request, response, next) => {
    const own = authority();
    if (!own) return next();
    response.set('Cache-Control', 'no-store').type('application/x-x509-ca-cert');
    response.attachment('phylaxon-authority.crt').send(own.certificate);
  });
}

/** Files with a hash in their name never change; the page itself is asked for anew each time. */
function serveInterface(app: Express, webRoot: string, access: Access) {
  app.use(
    '/assets',
    // The build leaves a gzipped copy beside what is worth it.
    compressedStatic(join(webRoot, 'assets'), {
      index: false,
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: true },
    }),
  );
  app.use(express.static(webRoot, { maxAge: 0, index: false }));
  // What a link shows is fetched by the page; a link that is not open has no page.
  app.get('/shared/:token', async (request, response) => {
    response.set({ 'Cache-Control': 'no-store', 'Referrer-Policy': 'no-referrer' });
    if (!(await access.links.find(request.params.token))) response.status(404);
    response.sendFile(join(webRoot, 'index.html'), { cacheControl: false });
  });
  app.get('/{*splat}', (request, response, next) => {
    if (request.path.startsWith('/assets/') || !request.accepts('html')) return next();
    response.sendFile(join(webRoot, 'index.html'));
  });
}
