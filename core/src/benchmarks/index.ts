export { type EventScore, scoreEvents, sumScores } from './eventScore.ts';
export { drawnPanel, type DrawnPanel } from './drawnPanel.ts';
export { drawJointRun, searchedJoint } from './jointRun.ts';
export { houseOfPanel, mappedHouse, walkRounds } from './mappedHouse.ts';
export { PAIRS, type Pair, twoFaults } from './twoFaults.ts';
export { compareStages, mapPlans, panelOfSize, walkMap, type WalkedMap } from './walkedMap.ts';
