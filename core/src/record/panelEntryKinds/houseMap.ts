import { z } from 'zod';
import { name, noIdInTwo, counted } from '../../facts/quantities/index.ts';
import { MAP_CHECKS } from '../../panel/circuitMap/index.ts';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInList } from './panelEntryKind.ts';

/** So many places a house has at most, and so many breakers are told apart. */
const MOST_PLACES = 400;

/** What of a house is mapped: its places, room by room, and which breakers are switched off together in each round. */
export const houseMap = panelEntryKind({
  name: 'Map of the house',
  fields: z
    .strictObject({
      mapId: id.describe('its own for ever, whatever undo does to the entry'),
      check: z.enum(MAP_CHECKS, 'The check must be none, detect or correct.'),
      rooms: z
        .array(
          z.strictObject({
            name: name('The room’s name'),
            places: z
              .array(z.strictObject({ id, name: name('The place’s name') }))
              .min(1, 'Name one place of this room at least.')
              .max(60, 'At most 60 places in one room.'),
          }),
        )
        .min(1, 'Name one room at least.')
        .max(60, 'At most 60 rooms.'),
      stayOn: z.array(id).max(84).default([]).describe('breakers that are not switched off'),
      rounds: z
        .array(z.strictObject({ off: z.array(id).min(1, 'Something is off in each round.').max(84) }))
        .min(1, 'There is one round at least.')
        .max(84, 'At most 84 rounds.'),
    })
    .superRefine(({ rooms }, context) => {
      const places = rooms.flatMap((room) => room.places);
      noIdInTwo({ places }, context);
      if (places.length > MOST_PLACES)
        context.addIssue({ code: 'custom', path: ['rooms'], message: `At most ${MOST_PLACES} places.` });
    }),
  attachment: null,
  refuses: () => null,
  say: ({ rooms }) => `A map of ${counted(rooms.length, 'room', 'rooms')}`,
  breakers: ({ stayOn, rounds }) => [
    ...namedInList(['content', 'stayOn'], stayOn),
    ...rounds.flatMap(({ off }, i) => namedInList(['content', 'rounds', i, 'off'], off)),
  ],
});
export type HouseMap = z.output<typeof houseMap.fields>;

/** What was dead and what alive in a round; what is told later of a place counts. */
export const mapLooks = panelEntryKind({
  name: 'Round of a map',
  fields: z.strictObject({
    mapId: id,
    round: z.int().min(0).max(83),
    looks: z
      .array(z.strictObject({ placeId: id, dead: z.boolean('Dead is yes or no.') }))
      .min(1, 'Look at one place at least.')
      .max(MOST_PLACES, `At most ${MOST_PLACES} places.`),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ round, looks }) =>
    `Round ${round + 1} of a map, ${counted(looks.length, 'place', 'places')} looked at`,
});
export type MapLooks = z.output<typeof mapLooks.fields>;
