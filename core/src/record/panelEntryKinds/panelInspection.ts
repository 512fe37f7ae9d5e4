import { z } from 'zod';
import {
  INSPECTION_ITEM_IDS,
  inspectionItem,
  isNormal,
  PURPOSE_IDS,
  PURPOSE_WORDS,
  STATION_IDS,
  STATION_WORDS,
  STATIONS,
} from '../../facts/inspection/index.ts';
import { volts } from '../../facts/quantities/index.ts';
import { id } from '../entities/index.ts';
import { electriciansOnly, namedInEach, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** One result of an inspection. */
const inspectionResult = z.strictObject({
  item: z.enum(INSPECTION_ITEM_IDS, messages.chooseAnInspectionItem),
  breakerId: id.nullable().default(null).describe('null for the panel as a whole'),
  result: z.string().max(40),
  volts: volts.nullable().default(null).describe('reading at an outlet, V; null if the item has no reading'),
});

/** One station of an inspection: its results, and what was skipped there. Where all was on record, it has neither. */
export const panelInspection = panelEntryKind({
  name: messages.inspection,
  fields: z
    .strictObject({
      inspectionId: id.describe('the same for every station of one inspection'),
      purpose: z.enum(PURPOSE_IDS, messages.chooseAPurpose),
      station: z.enum(STATION_IDS, messages.chooseAStation),
      results: z.array(inspectionResult).max(600, messages.enterAtMost600Results),
      skipped: z
        .array(z.enum(INSPECTION_ITEM_IDS, messages.chooseAnInspectionItem))
        .max(INSPECTION_ITEM_IDS.length)
        .default([])
        .describe('items that were not looked at'),
    })
    .superRefine(({ station, results, skipped }, context) => {
      const no = (path: (string | number)[], message: string) =>
        context.addIssue({ code: 'custom', path, message });
      results.forEach(({ item, breakerId, result, volts: reading }, i) => {
        const known = inspectionItem(item);
        if (known.station !== station) no(['results', i, 'item'], messages.itemOfAnotherStation);
        if (!Object.hasOwn(known.results, result))
          no(['results', i, 'result'], messages.theResultMustBeOneOf(Object.keys(known.results).join(', ')));
        if ((breakerId === null) !== (known.of === 'panel'))
          no(['results', i, 'breakerId'], messages.nameTheBreakerUnlessPanel);
        if ((reading === null) === (known.results[result]?.isReading === true))
          no(['results', i, 'volts'], messages.enterTheReadingWhereMeasured);
      });
      skipped.forEach((item, i) => {
        if (inspectionItem(item).station !== station) no(['skipped', i], messages.itemOfAnotherStation);
      });
    }),
  attachment: null,
  refuses: (profile, { station }) => (STATIONS[station].isInside ? electriciansOnly(profile) : null),
  say: ({ purpose, station, results }) => {
    const bad = results.filter((one) => !isNormal(one)).length;
    return messages.inspectionOfStation(PURPOSE_WORDS[purpose], STATION_WORDS[station], bad);
  },
  breakers: ({ results }) => namedInEach('results', results),
});
export type PanelInspection = z.output<typeof panelInspection.fields>;
