import { sayLength, type Sentence } from '../../facts/quantities/index.ts';
import { EXTENDED_CIRCUIT_M, WORKING_SPACE_M } from '../../facts/standards/index.ts';
import type { NewPanelRule, NewPanelStep, NewPanelStepId, SubpanelRule } from '../../code/panelPlan/index.ts';

/** What a subpanel needs besides its feeder, with the clause. */
export const SUBPANEL_RULE_WORDS: Record<SubpanelRule, string> = {
  'two-hots-neutral-ground':
    'Feeder with two hots, a neutral and a separate ground (NEC 2023, 215.6 and 250.118).',
  'neutral-apart':
    'Neutral bar insulated from the enclosure. Remove the bonding screw or strap (NEC 2023, 250.142(B)).',
  'grounds-bonded': 'Ground bar bonded to the enclosure, all grounds on it (NEC 2023, 408.40).',
  disconnect: 'A disconnect at the other building, where the feeder enters (NEC 2023, 225.31).',
  electrode: 'A grounding electrode at the other building, bonded to the ground bar (NEC 2023, 250.32).',
};

/** What a new service panel needs besides its size, with the clause. */
export const NEW_PANEL_RULE_WORDS: Record<NewPanelRule, Sentence> = {
  'meter-base': 'Meter base, service entrance conductors and drop rated for the new main: ask the utility.',
  'electrode-system':
    'Grounding electrode system with every electrode there is, water pipe bonded (NEC 2023, 250.50 and 250.104).',
  'main-bonding': 'Main bonding jumper between neutral and enclosure, only here (NEC 2023, 250.24(B)).',
  'surge-protection': 'Surge protective device for the dwelling (NEC 2023, 230.67).',
  'emergency-disconnect': 'Emergency disconnect outdoors, marked (NEC 2023, 230.85).',
  'neutral-apart': SUBPANEL_RULE_WORDS['neutral-apart'],
  'grounds-bonded': SUBPANEL_RULE_WORDS['grounds-bonded'],
  'working-space': `Clear working space before the panel: ${sayLength(WORKING_SPACE_M.wide)} wide, ${sayLength(WORKING_SPACE_M.deep)} deep, ${sayLength(WORKING_SPACE_M.high)} high (NEC 2023, 110.26(A)).`,
  'not-in-closets': 'Not in a bathroom or a clothes closet, and not over steps (NEC 2023, 240.24(D) to (F)).',
  weatherproof: 'Enclosure listed for wet locations, with a weatherproof hub (NEC 2023, 312.2).',
  'extended-circuits': `AFCI protection where circuits are extended by more than ${sayLength(EXTENDED_CIRCUIT_M)}, GFCI where receptacles are replaced (NEC 2023, 210.12(E) and 406.4(D)).`,
  torque: 'Every terminal tightened with a torque tool to the value on its label (NEC 2023, 110.14(D)).',
  directory: 'A circuit directory that names each circuit clearly (NEC 2023, 408.4(A)).',
};

/** The steps of replacing a panel. */
export const NEW_PANEL_STEP_WORDS: Record<NewPanelStepId, string> = {
  permit: 'Apply for the permit',
  'utility-request': 'Ask the utility to disconnect and reconnect',
  disconnect: 'Disconnect the service at the pole or pull the meter',
  'feeder-off': 'Turn off and lock out the feeder’s breaker, verify absence of voltage',
  work: 'Replace the panel, conductors and grounding',
  inspection: 'Inspect before the power is restored',
  reconnect: 'Reconnect the service',
  prove: 'Measure both legs, test every circuit, finish the directory',
};
export const PERFORMER_WORDS: Record<NewPanelStep['who'], string> = {
  electrician: 'electrician',
  utility: 'utility',
  inspector: 'inspector',
};

/** Usual hours of an electrician for each way to make room. Trade practice. */
export const ROOM_HOURS = {
  quad: { from: 1, to: 2 },
  subpanel: { from: 4, to: 8 },
  'new-panel': { from: 8, to: 16 },
} as const;
