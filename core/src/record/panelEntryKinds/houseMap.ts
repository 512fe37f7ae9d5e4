import { z } from 'zod';
import { name, noIdInTwo, counted } from '../../facts/quantities/index.ts';
import { MAP_CHECKS } from '../../panel/circuitMap/index.ts';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInList } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** So many places a house has at most, and so many breakers are told apart. */
const MOST_PLACES = 400;

/** What of a house is mapped: its places, room by room, and which breakers are switched off together in each round. */
export const houseMap = panelEntryKind({
  name: messages.circuitMap,
  fields: z
    .strictObject({
      mapId: id.describe('its permanent id, unaffected by undo'),
      check: z.enum(MAP_CHECKS, 'The check must be none, detect or correct.'),
      rooms: z
        .array(
          z.strictObject({
            name: name(messages.theRoomName),
            places: z
              .array(z.strictObject({ id, name: name(messages.theNameOfTheOutletOr) }))
              .min(1, messages.enterAtLeastOneOutletOr)
              .max(60, messages.enterAtMost60OutletsAnd),
          }),
        )
        .min(1, messages.enterAtLeastOneRoom)
        .max(60, messages.enterAtMost60Rooms),
      stayOn: z.array(id).max(84).default([]).describe('breakers that are not turned off'),
      rounds: z
        .array(z.strictObject({ off: z.array(id).min(1, messages.eachRoundTurnsOffAtLeast).max(84) }))
        .min(1, messages.thereMustBeAtLeastOne)
        .max(84, messages.enterAtMost84Rounds),
      secondStage: z
        .int()
        .min(1)
        .max(83)
        .nullable()
        .default(null)
        .describe('index of the round from which only places are checked that the rounds before left open'),
    })
    .superRefine(({ rooms, rounds, secondStage }, context) => {
      if (secondStage !== null && secondStage >= rounds.length)
        context.addIssue({
          code: 'custom',
          path: ['secondStage'],
          message: messages.theSecondStageBeginsWithARound,
        });
      const places = rooms.flatMap((room) => room.places);
      noIdInTwo({ places }, context);
      if (places.length > MOST_PLACES)
        context.addIssue({
          code: 'custom',
          path: ['rooms'],
          message: messages.enterAtMostOutletsAndFixtures(MOST_PLACES),
        });
    }),
  attachment: null,
  refuses: () => null,
  say: ({ rooms }) => messages.circuitMapOf(counted(rooms.length, 'room', 'rooms')),
  breakers: ({ stayOn, rounds }) => [
    ...namedInList(['content', 'stayOn'], stayOn),
    ...rounds.flatMap(({ off }, i) => namedInList(['content', 'rounds', i, 'off'], off)),
  ],
});
export type HouseMap = z.output<typeof houseMap.fields>;

/** What was dead and what alive in a round; what is told later of a place counts. */
export const mapLooks = panelEntryKind({
  name: messages.circuitMappingRound,
  fields: z.strictObject({
    mapId: id,
    round: z.int().min(0).max(83),
    looks: z
      .array(z.strictObject({ placeId: id, dead: z.boolean(messages.enterYesOrNoForDead) }))
      .min(1, messages.checkAtLeastOneOutletOr)
      .max(MOST_PLACES, messages.enterAtMostOutletsAndFixtures(MOST_PLACES)),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ round, looks }) =>
    messages.mappingRoundChecked(round + 1, counted(looks.length, 'place', 'places')),
});
export type MapLooks = z.output<typeof mapLooks.fields>;
