export { hangingDirectory } from './hangingDirectory.ts';
export { boardPhoto, heatPicture } from './heatPicture.ts';
export { heatScan } from './heatScan.ts';
export { type HouseMap, type MapLooks, houseMap, mapLooks } from './houseMap.ts';
export { type PanelInspection, panelInspection } from './panelInspection.ts';
export { type MainCurrentsEntry, mainCurrentsEntry } from './mainCurrents.ts';
export { keepsPower } from './criticalLoads.ts';
export { PANEL_ENTRIES } from './kinds.ts';
export {
  ATTACHMENT_KINDS,
  type AttachmentKind,
  type NamedBreaker,
  type PanelEntryKind,
} from './panelEntryKind.ts';
export {
  type OtherSources,
  otherSources,
  type PanelSource,
  SOURCE_CONNECTIONS,
  type SourceConnection,
} from './otherSources.ts';
export { panelSignEntry } from './panelSignEntry.ts';
export { type Permit, permit } from './permit.ts';
export { PERMIT_INSPECTIONS, PERMIT_NEEDS, type PermitInspection, type PermitNeed } from './permitStatus.ts';
export { PERMIT_INSPECTION_WORDS, PERMIT_NEED_WORDS } from './permitWords.ts';
export { type Proposal, proposal } from './proposal.ts';
export { type ChannelPlace, type RecordingChannel, recording } from './recording.ts';
export { CURRENCIES, type Currency, MOST_PRICE, type ReportPrices, reportPrices } from './reportPrices.ts';
export { type ServiceSheet, serviceSheet } from './serviceSheet.ts';
export { type UpkeepRound, upkeepRound } from './upkeepRound.ts';
export { type UpkeepRule, upkeepRule } from './upkeepRule.ts';
export { ON_A_VISIT, visitEntry, visitStep, type VisitStep } from './visitEntry.ts';
