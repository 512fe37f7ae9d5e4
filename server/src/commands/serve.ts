import type { Command, OutputOf } from '@phylaxon/core/commands';
import { PROFILE_LEVEL, type Profile } from '@phylaxon/core/facts/vocabulary';
import { instant } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { forbidden } from '../errors/index.ts';
import { route, type Route } from '../http/index.ts';
import { MOST_PHOTO_BYTES, type PhotoFolder } from '../photos/index.ts';
import type { Author, RecordService } from '../recordService/index.ts';
import * as messages from './messages.ts';

/** What commands work with. */
export interface CommandContext {
  record: RecordService;
  photos: PhotoFolder;
}

interface Asked<Params extends z.ZodType, Body extends z.ZodType | undefined> {
  params: z.output<Params>;
  body: OutputOf<Body>;
  upload: Buffer;
}

/** What came of it: the answer, and what undo calls it by. */
interface Worked<T> {
  result: T;
  /** What it was about, in words. */
  where?: string;
  /** Where no panel is touched. */
  siteId?: string;
}

interface Work<Params extends z.ZodType, Body extends z.ZodType | undefined, Answer extends z.ZodType, Kept> {
  status?: 200 | 201;
  answer: Answer;
  /** A file is kept first: a row never points to one that is not there. */
  keep?: (context: CommandContext, upload: Buffer) => Promise<Kept>;
  run: (edit: Edit, asked: Asked<Params, Body>, kept: Kept) => Promise<Worked<unknown>>;
  /** Where the answer is what stands once all was decided anew. */
  after?: (manager: EntityManager, asked: Asked<Params, Body>) => Promise<unknown>;
}

/** Who is at work, as told by whoever asks; programs that say nothing are taken for an electrician’s. */
const WHO_HEADER = 'phylaxon-profile';
/** What whoever asks calls this change, so that it knows its own among those it is told of. */
const CHANGE_HEADER = 'phylaxon-change';
/** What the clock of the device says that asks. */
const CLOCK_HEADER = 'phylaxon-clock';
export const commandHeaders = z.object({
  [WHO_HEADER]: z
    .enum(Object.keys(PROFILE_LEVEL) as [Profile, ...Profile[]], messages.enterHomeownerOrElectrician)
    .default('electrician'),
  [CHANGE_HEADER]: z.uuid(messages.aChangeNeedsAnId).optional(),
  [CLOCK_HEADER]: instant.optional(),
});
export const byHeaders = (headers: z.output<typeof commandHeaders>): Author => ({
  who: headers[WHO_HEADER],
  change: headers[CHANGE_HEADER] ?? null,
  clock: headers[CLOCK_HEADER] === undefined ? null : Date.parse(headers[CLOCK_HEADER]),
});

/** A command as it is done here: its route. */
export type ServedCommand = (context: CommandContext) => Route;

/**
 * Say how a command is done.
 *
 * @param command what core knows of it: its place, its input, who may
 * @param work what it changes, in a transaction that can be undone, and what it answers
 */
export const serve =
  <Params extends z.ZodType, Body extends z.ZodType | undefined, Answer extends z.ZodType, Kept = undefined>(
    command: Command<Params, Body>,
    { status = 200, answer, keep, run, after }: Work<Params, Body, Answer, Kept>,
  ): ServedCommand =>
  (context) => {
    const { method, path, tag, summary, params, body, upload } = command;
    return route({
      method,
      path,
      tag,
      summary,
      headers: commandHeaders,
      params,
      ...(upload === undefined
        ? { body }
        : { query: body, upload: { types: [upload], limitBytes: MOST_PHOTO_BYTES } }),
      status,
      answer,
      handle: async (input) => {
        const asked = {
          params: input.params,
          body: upload === undefined ? input.body : input.query,
          upload: input.upload,
        } as Asked<Params, Body>;
        const by = byHeaders(input.headers);
        const why = command.refuses?.(by.who, asked.body);
        if (why) throw forbidden(why);
        // Where the answer is what stands, a change that was made already is not made again.
        if (
          after &&
          by.change !== null &&
          (await context.record.wasDone(by.change, String((asked.params as { id: string }).id)))
        )
          return context.record.read((manager) => after(manager, asked)) as z.input<Answer>;
        const kept = (await keep?.(context, asked.upload)) as Kept;
        const result = await context.record.change(async (edit) => {
          const { where = '', siteId, result } = await run(edit, asked, kept);
          return { label: command.label(asked.body, where), result, ...(siteId !== undefined && { siteId }) };
        }, by);
        return (after ? context.record.read((manager) => after(manager, asked)) : result) as z.input<Answer>;
      },
    });
  };
