import type { z } from 'zod';
import { ACCOUNT_ENDPOINTS } from './accounts.ts';
import { BREAKER_ENDPOINTS } from './breakers.ts';
import { CASE_ENDPOINTS } from './cases.ts';
import { FEED_ENDPOINTS } from './feeds.ts';
import { FILE_ENDPOINTS } from './files.ts';
import { PANEL_ENDPOINTS } from './panels.ts';
import { SERVER_ENDPOINTS } from './server.ts';
import { SITE_ENDPOINTS } from './sites.ts';
import { VISIT_ENDPOINTS } from './visits.ts';

export type { Endpoint } from './endpoint.ts';
export {
  IMPORT_MODES,
  type FileProgress,
  type ImportMode,
  type ReadingsPreview,
  type SitePreview,
} from './files.ts';
export { inZone, job } from './inputs.ts';

/** Every address of the API besides commands, calculations and files that are sent out, by method and path. */
export const ENDPOINTS = {
  ...ACCOUNT_ENDPOINTS,
  ...BREAKER_ENDPOINTS,
  ...CASE_ENDPOINTS,
  ...FEED_ENDPOINTS,
  ...FILE_ENDPOINTS,
  ...PANEL_ENDPOINTS,
  ...SERVER_ENDPOINTS,
  ...SITE_ENDPOINTS,
  ...VISIT_ENDPOINTS,
};
export type EndpointName = keyof typeof ENDPOINTS;

type Part<N extends EndpointName, K extends string> = (typeof ENDPOINTS)[N] extends {
  [key in K]: infer S extends z.ZodType;
}
  ? S
  : undefined;
type Output<S> = S extends z.ZodType ? z.output<S> : undefined;
type Input<S> = S extends z.ZodType ? z.input<S> : undefined;

/** What its handler is given. */
export interface EndpointInput<N extends EndpointName> {
  params: Output<Part<N, 'params'>>;
  query: Output<Part<N, 'query'>>;
  body: Output<Part<N, 'body'>>;
}
/** What its handler answers. */
export type EndpointAnswer<N extends EndpointName> = Input<Part<N, 'answer'>>;
/** What whoever asks gets. */
export type AnswerOf<N extends EndpointName> = Output<Part<N, 'answer'>>;

type Told<K extends string, T> = [T] extends [undefined]
  ? Record<never, never>
  : Record<never, never> extends T
    ? { [key in K]?: T }
    : { [key in K]: T };
/** What whoever asks has to say. */
export type EndpointQuestion<N extends EndpointName> = Told<'params', Input<Part<N, 'params'>>> &
  Told<'query', Input<Part<N, 'query'>>> &
  Told<'body', Input<Part<N, 'body'>>>;
