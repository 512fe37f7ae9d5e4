import { keepsPower } from './criticalLoads.ts';
import { hangingDirectory } from './hangingDirectory.ts';
import { boardPhoto, heatPicture } from './heatPicture.ts';
import { heatScan } from './heatScan.ts';
import { houseMap, mapLooks } from './houseMap.ts';
import { mainCurrentsEntry } from './mainCurrents.ts';
import { otherSources } from './otherSources.ts';
import { panelInspection } from './panelInspection.ts';
import { panelSignEntry } from './panelSignEntry.ts';
import { permit } from './permit.ts';
import { proposal } from './proposal.ts';
import { recording } from './recording.ts';
import { reportPrices } from './reportPrices.ts';
import { serviceSheet } from './serviceSheet.ts';
import { upkeepRound } from './upkeepRound.ts';
import { upkeepRule } from './upkeepRule.ts';
import { visitEntry, visitStep } from './visitEntry.ts';

/** Everything that is logged of a panel as a whole, by the name it is stored under. */
export const PANEL_ENTRIES = {
  recording,
  'heat-picture': heatPicture,
  'board-photo': boardPhoto,
  'heat-scan': heatScan,
  sign: panelSignEntry,
  'service-sheet': serviceSheet,
  proposal,
  visit: visitEntry,
  'visit-step': visitStep,
  'house-map': houseMap,
  'map-looks': mapLooks,
  'hanging-directory': hangingDirectory,
  inspection: panelInspection,
  permit,
  'upkeep-round': upkeepRound,
  'upkeep-rule': upkeepRule,
  'keeps-power': keepsPower,
  'other-sources': otherSources,
  'main-currents': mainCurrentsEntry,
  'report-prices': reportPrices,
};
