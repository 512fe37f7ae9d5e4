import type { Command } from './command/index.ts';
import { COMMANDS } from './registry.ts';

/** A command as it is sent, or waits to be: nothing of it is an address. */
export interface SentCommand {
  command: string;
  params: Record<string, string>;
  body?: object | undefined;
}

/**
 * The command that was sent; `undefined` where a newer version sent one that is not known here.
 *
 * @param sent a command by its name
 * @returns what core knows of it
 * @example commandOf({ command: 'write-note' })?.path // '/breakers/:id/notes'
 */
export const commandOf = ({ command }: Pick<SentCommand, 'command'>): Command | undefined =>
  COMMANDS.get(command);

/**
 * The command that an address stands for: what waited in a browser before commands had names.
 *
 * @param method as HTTP has it
 * @param path below the API’s root
 * @returns the command with the ids in its path; `null`: no command has this address
 * @example sentTo('POST', '/breakers/0f…/notes') // { command: 'write-note', params: { id: '0f…' } }
 */
export function sentTo(method: string, path: string): Pick<SentCommand, 'command' | 'params'> | null {
  for (const command of COMMANDS.values()) {
    if (command.method !== method.toLowerCase()) continue;
    const names = [...command.path.matchAll(/:(\w+)/g)].map(([, name]) => name!);
    const found = new RegExp(`^${command.path.replace(/:\w+/g, '([^/]+)')}$`).exec(path);
    if (found)
      return {
        command: command.id,
        params: Object.fromEntries(names.map((name, i) => [name, found[i + 1]!])),
      };
  }
  return null;
}
