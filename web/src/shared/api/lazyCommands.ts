import type * as commands from './commands.ts';
import type { Pending } from './pending.ts';
import { NO_SERVER, RequestError } from './request.ts';
import * as messages from './messages.ts';

/** A command to be sent, or one whose making still loads. */
export type Sendable<Answer = unknown> = Pending<Answer> | Promise<Pending<Answer>>;

type Group = 'entryCommands' | 'caseCommands' | 'drawingCommands';
type Loaded<G extends Group> = {
  [K in keyof (typeof commands)[G]]: (typeof commands)[G][K] extends (...given: infer A) => infer P
    ? (...given: A) => Promise<P>
    : never;
};

/** Get what makes commands, with all their schemas: a page shows before it is here, and needs it at the first tap. */
export const loadCommands = (): Promise<typeof commands> =>
  import('./commands.ts').catch(() => {
    throw new RequestError(messages.theServerIsNotAnsweringNothing, NO_SERVER);
  });

const loaded = <G extends Group>(group: G): Loaded<G> =>
  new Proxy({} as Loaded<G>, {
    get:
      (_, name: string) =>
      async (...given: unknown[]) =>
        ((await loadCommands())[group] as Record<string, (...given: unknown[]) => Pending>)[name]!(...given),
  });

/** Entries of a breaker’s or a panel’s log. */
export const entries = loaded('entryCommands');
/** What is done in a case. */
export const caseEntries = loaded('caseCommands');
/** What is drawn: sites, panels, breakers, circuits, trip curves. */
export const drawing = loaded('drawingCommands');
