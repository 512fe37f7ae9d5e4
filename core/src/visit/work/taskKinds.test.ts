import { expect, test } from '@jest/globals';
import { outcomeHazard } from '../../facts/hazards/index.ts';
import {
  PANEL_SIGN_IDS,
  panelSign,
  TEST_IDS,
  TESTS,
  type ActionId,
  type PanelSignId,
} from '../../facts/vocabulary/index.ts';
import { workFor, workForSign } from './index.ts';

/** Remedies of hazards that no task at one breaker carries out, and why. */
const NOT_A_TASK: Partial<Record<ActionId, string>> = {
  'replace-panel': 'a project of its own, with the utility',
  'replace-main': 'the utility de-energizes the line side',
  'call-utility': 'the utility’s work',
  'repair-neutral': 'its place is found first; the service neutral is the utility’s',
  'make-safe-and-call': 'what is wrong is found before anyone opens the panel',
  'repair-wiring': 'in the building, not in the panel',
  'repair-appliance': 'at the appliance',
  'replace-device': 'at the appliance',
  'shed-load': 'without opening the panel',
  'cool-surroundings': 'without opening the panel',
  'split-circuit': 'a new circuit, planned as a proposal',
  rewire: 'a new cable, planned as a proposal',
  'correct-directory': 'without opening the panel',
  'reset-other-device': 'without opening the panel',
  'complete-reset': 'without opening the panel',
  'reset-and-watch': 'without opening the panel',
};

const HAZARDS = TEST_IDS.flatMap((id) =>
  TESTS[id].outcomes.flatMap((outcome) => {
    const hazard = outcomeHazard(id, outcome);
    return hazard ? [[id, outcome, hazard.remedies ?? []] as const] : [];
  }),
);

test('every remedy of a hazard is a task of a visit, or it is told why it is none', () => {
  const open = HAZARDS.flatMap(([id, outcome, remedies]) =>
    remedies
      .filter((action) => (workFor(action) === null) === (NOT_A_TASK[action] === undefined))
      .map((action) => [id, outcome, action]),
  );
  expect(open).toEqual([]);
});

test.each([
  ['terminal-inspection', 'two-wires-one-terminal', 'separate-conductors'],
  ['terminal-inspection', 'loose', 'remake-joint'],
  ['terminal-inspection', 'corroded', 'clean-terminal'],
] as const)('%s: %s is mended by the task %s', (id, outcome, work) => {
  const hazard = HAZARDS.find(([test, one]) => test === id && one === outcome);
  expect(hazard![2].map(workFor)).toContain(work);
});

/** Findings of a panel as a whole that no task at the panel repairs, and why. */
const NOT_AT_THE_PANEL: Partial<Record<PanelSignId, string>> = {
  'stab-pitted-one': 'at its breaker',
  'one-joint-over-15': 'at its breaker',
  'two-under-one-screw': 'at its breaker',
  'unlisted-part': 'at its breaker',
  'lugs-corroded': 'the utility de-energizes the line side',
  'feeder-below-main': 'a smaller main or a new feeder, planned as a proposal',
};

test('every finding of a panel that is repaired locally has a task, or it is told why it has none', () => {
  const local = PANEL_SIGN_IDS.filter((sign) => panelSign(sign).bearing === 'local');
  expect(
    local.filter((sign) => (workForSign(sign) === null) === (NOT_AT_THE_PANEL[sign] === undefined)),
  ).toEqual([]);
});
