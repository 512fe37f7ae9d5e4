import type { ErrorRequestHandler, RequestHandler } from 'express';
import { textOf } from '@phylaxon/core/facts/quantities';
import { z } from 'zod';
import { drain } from './drain.ts';
import { Refusal, type Issue, type RefusalKind } from '../errors/index.ts';
import { FileRefused, GivenUp, TooLarge, TooManyFiles } from '../files/index.ts';
import { TooBusy } from '../threads/index.ts';
import { storeErrorOf, type StoreError, type StoreTrouble } from '../store/index.ts';
import * as messages from './messages.ts';

export const errorBody = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    issues: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  }),
});

/** An answer that says what the caller can do about it. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly issues?: Issue[],
    /** How long to wait before it is asked again, s. */
    readonly retryAfter?: number,
  ) {
    super(message);
  }
}

const REFUSED: Record<RefusalKind, number> = {
  invalid: 400,
  forbidden: 403,
  missing: 404,
  conflict: 409,
  'too-large': 413,
};

const fromRefusal = ({ kind, code, message, issues }: Refusal) =>
  new ApiError(REFUSED[kind], code, message, issues);

export const unknownRoute: RequestHandler = (request, _response, next) => {
  next(new ApiError(404, 'unknown_route', messages.doesNotExist(request.method, request.path)));
};

const fromZod = (error: z.ZodError) => {
  const issues = error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message }));
  return new ApiError(400, 'invalid_input', issues[0]?.message ?? messages.theInputIsNotValid, issues);
};

const tooLarge = (limitBytes: number) =>
  new ApiError(
    413,
    'too_large',
    messages.theBodyIsLargerThanMb(Math.max(1, Math.round(limitBytes / 1_000_000))),
  );

/** What the body reader and the router complain of, by the type or status they give. */
function fromHttp(error: { type?: string; status?: number; limit?: number }): ApiError | null {
  if (error.type === 'entity.parse.failed') {
    const message = messages.theBodyIsNotValidJson;
    return new ApiError(400, 'malformed_json', message, [{ path: '', message }]);
  }
  if (error.type === 'entity.too.large') return tooLarge(error.limit ?? 0);
  if (error.status === 415)
    return new ApiError(415, 'unsupported_media_type', messages.sendJsonInUtf8Without);
  if (error.status !== undefined && error.status >= 400 && error.status < 500) {
    return new ApiError(error.status, 'bad_request', messages.theRequestCouldNotBeRead);
  }
  return null;
}

const STORE_STATUS: Record<StoreTrouble, [status: number, code: string]> = {
  full: [507, 'no_room'],
  busy: [503, 'record_busy'],
  'read-only': [503, 'record_read_only'],
  damaged: [503, 'record_damaged'],
  unavailable: [503, 'record_unavailable'],
};

/** The record cannot be read or written just now: not the caller’s fault, and it can be sent again as it is. */
export function fromStore({ trouble, message }: StoreError): ApiError {
  const [status, code] = STORE_STATUS[trouble];
  return new ApiError(status, code, message);
}

function known(error: unknown): ApiError | null {
  if (error instanceof ApiError) return error;
  if (error instanceof Refusal) return fromRefusal(error);
  if (error instanceof z.ZodError) return fromZod(error);
  if (error instanceof FileRefused) return new ApiError(400, error.code, error.message, error.issues);
  if (error instanceof TooLarge) return tooLarge(error.limitBytes);
  if (error instanceof TooBusy) return new ApiError(503, 'busy', messages.tooManyOfYourRequestsAre);
  if (error instanceof TooManyFiles)
    return new ApiError(429, 'too_many_files', messages.otherFilesOfYoursAreStill);
  if (error instanceof GivenUp) return new ApiError(400, 'given_up', messages.canceledNothingWasSaved);
  const trouble = storeErrorOf(error);
  return trouble ? fromStore(trouble) : fromHttp(error as object);
}

/** Every error leaves as JSON of one shape; what is nobody’s fault but ours is logged. */
export const errorHandler: ErrorRequestHandler = async (error, request, response, next) => {
  if (response.headersSent) return next(error);
  const told = known(error);
  if (!told || told.status >= 500) request.log.error({ err: error as unknown }, messages.requestFailed);
  const answer = told ?? new ApiError(500, 'internal', messages.somethingWentWrongOnTheServer);
  const { status, code } = answer;
  const { message, issues } = textOf({ message: answer.message, issues: answer.issues });
  const wait = answer.retryAfter ?? (status === 503 || status === 507 ? 5 : null);
  if (wait !== null) response.set('Retry-After', `${wait}`);
  if (!(await drain(request))) response.set('Connection', 'close');
  response.status(status).json({ error: issues ? { code, message, issues } : { code, message } });
};
