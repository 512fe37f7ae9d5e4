import type { PanelEntry } from './panelEntry.ts';

/** A breaker that an entry names, and in which of its fields. */
export interface NamedBreaker {
  path: (string | number)[];
  breakerId: string;
}

const each = (path: (string | number)[], breakerIds: readonly (string | null)[]): NamedBreaker[] =>
  breakerIds.flatMap((breakerId, i) => (breakerId === null ? [] : [{ path: [...path, i], breakerId }]));

/** The breakers of a list of things, each with a field of its own for it. */
const ofEach = (list: string, things: readonly { breakerId: string | null }[]): NamedBreaker[] =>
  things.flatMap(({ breakerId }, i) =>
    breakerId === null ? [] : [{ path: ['content', list, i, 'breakerId'], breakerId }],
  );

/**
 * The breakers that an entry of a panel names: they are of that panel, in it or taken out since.
 *
 * @param entry of any kind
 * @returns each with the field it stands in; none: the entry is of the panel as a whole
 * @example namedBreakers({ kind: 'keeps-power', content: { breakerIds: [id] } }) // [{ path: ['content', 'breakerIds', 0], breakerId: id }]
 */
export function namedBreakers(entry: Pick<PanelEntry, 'kind' | 'content'>): NamedBreaker[] {
  const { kind, content } = entry as PanelEntry;
  switch (kind) {
    case 'recording':
      return content.channels.flatMap(({ at }, i) =>
        at.kind === 'breaker'
          ? [{ path: ['content', 'channels', i, 'at', 'breakerId'], breakerId: at.breakerId }]
          : [],
      );
    case 'upkeep-round':
      return ofEach('results', content.results);
    case 'visit':
      return ofEach('tasks', content.tasks);
    case 'proposal':
      return [
        ...(content.breakerId === null
          ? []
          : [{ path: ['content', 'breakerId'], breakerId: content.breakerId }]),
        ...ofEach('steps', content.steps),
      ];
    case 'house-map':
      return [
        ...each(['content', 'stayOn'], content.stayOn),
        ...content.rounds.flatMap(({ off }, i) => each(['content', 'rounds', i, 'off'], off)),
      ];
    case 'keeps-power':
      return each(['content', 'breakerIds'], content.breakerIds);
    default:
      return [];
  }
}
