import { HEAT_LIMITS, TIME_LIMITS } from '../limits/index.ts';
import { sayRise, type Sentence } from '../quantities/index.ts';
import type { PanelSignId } from './panelSigns.ts';

const NEAR = sayRise(HEAT_LIMITS.overPeersRepairSoonC);
const FAR = sayRise(HEAT_LIMITS.overPeersUrgentC);

/** What was found, in a few words, and why it speaks as it does for a panel as a whole. */
export const PANEL_SIGN_WORDS: Record<PanelSignId, { words: Sentence; why: string }> = {
  'sizzle-under-load': {
    words: 'Sizzling or crackling under load',
    why: 'Sizzling is arcing: current is jumping a gap at the bus or at a bus stab and burning it away.',
  },
  'hot-plastic-smell': {
    words: 'Smell of hot plastic at the panel',
    why: 'Insulation smells before it burns. Only a failed connection gets that hot.',
  },
  'steady-hum': {
    words: 'A steady hum',
    why: 'A loose cover or a doorbell transformer can hum too. Listen again under more load: a hum that grows with load needs attention.',
  },
  'quiet-under-load': {
    words: 'Quiet, and no smell, with everything on',
    why: 'An arcing bus is loudest under load.',
  },
  'insulation-melted': {
    words: 'Insulation or plastic melted inside',
    why: 'A normal load never melts insulation. The damaged parts no longer insulate.',
  },
  'lugs-discoloured': {
    words: 'Main lugs or bus discolored by heat',
    why: 'The main lugs and the bus carry the whole load. Long heat has ruined their spring tension and plating.',
  },
  'stabs-pitted-several': {
    words: 'Several bus stabs pitted or burned',
    why: 'One burned bus stab is the fault of one breaker. Several burned bus stabs mean a failing bus, and new breakers on it will burn too.',
  },
  'stab-pitted-one': {
    words: 'One bus stab pitted or burned',
    why: 'Retire that space and move its breaker. One burned bus stab does not condemn the rest of the bus.',
  },
  'lugs-corroded': {
    words: 'Main lugs corroded',
    why: 'Lugs that are cleaned and re-terminated in time stay in service. Left alone, the corrosion spreads into the bus.',
  },
  'two-under-one-screw': {
    words: 'Two conductors under one screw not listed for two',
    why: 'One of the two conductors works loose. Repair it at that breaker.',
  },
  'open-hole': {
    words: 'Open slot without a filler plate',
    why: 'Fingers and rodents can reach energized metal through the opening. A filler plate closes it.',
  },
  'rust-light': {
    words: 'A little rust',
    why: 'Water has been in the panel. Dry it, and inspect everything the water reached.',
  },
  untidy: {
    words: 'Untidy work',
    why: 'Untidy wiring often comes with loose connections, but untidiness alone causes no heat.',
  },
  'clean-inside': {
    words: 'Clean inside: no discoloration, rust or pitting',
    why: 'Heat and moisture leave permanent marks.',
  },
  'leg-over-rating': {
    words: 'A leg carries more than its rating',
    why: 'The bus, the lugs and the main carry more than their rating, and age quickly.',
  },
  'legs-unequal-for-years': {
    words: 'One leg has carried much more than the other for years',
    why: 'The leg with the higher load wears faster. If an infrared image shows a failing connection too, both count as evidence.',
  },
  'legs-balanced': {
    words: 'Leg currents about equal, within the rating',
    why: 'Neither half of the bus works harder than the other.',
  },
  'bus-or-lug-over-15': {
    words: `Bus or a lug more than ${FAR} hotter than the other leg`,
    why: 'The bus or a lug has a high-resistance connection. Replacing breakers does not fix that.',
  },
  'several-over-15': {
    words: `Several breakers more than ${FAR} hotter than similar ones`,
    why: 'Neighboring connections rarely fail by chance. They share the bus, so suspect the bus.',
  },
  'very-hot-not-open': {
    words: 'A breaker far too hot for its load that did not trip',
    why: 'Its contacts may be welded. Do not rely on this breaker to protect its circuit.',
  },
  'one-joint-over-15': {
    words: `One connection more than ${FAR} hotter than similar ones`,
    why: 'Re-terminate that connection or replace that breaker. One hot connection does not condemn the panel.',
  },
  'some-3-to-15': {
    words: `Some parts ${NEAR} to ${FAR} hotter than similar ones`,
    why: 'Have these connections checked at the next service visit, and scan again.',
  },
  'none-over-3': {
    words: `Nothing more than ${NEAR} hotter than similar parts, under load`,
    why: 'A failing connection gets warm under load.',
  },
  'takes-neighbour-along': {
    words: 'Turning off one breaker de-energizes another circuit too',
    why: 'The two circuits share only the bus and its bus stabs.',
  },
  'trips-together': {
    words: 'Breakers of different circuits trip together',
    why: 'Heat from a shared bus stab or from the bus reaches both breakers. Their circuits have no other link.',
  },
  'did-not-open': {
    words: 'A breaker did not trip when it should have',
    why: 'If one breaker did not trip, test the others of the same age before you rely on them.',
  },
  'opens-as-it-should': {
    words: 'Every handle tested turned off its own circuit',
    why: 'Each handle tested de-energized its own circuit.',
  },
  'unlisted-part': {
    words: 'A breaker not listed for this panel',
    why: 'A breaker that is not listed for this panel may fit but not grip its bus stab. Replace it with a listed one.',
  },
  'feeder-below-main': {
    words: 'Feeder conductors smaller than the main breaker requires',
    why: 'The main would let the feeder conductors overheat. Install a smaller main or larger conductors.',
  },
  'neutral-ground-in-sub-panel': {
    words: 'Neutral bonded to ground in a subpanel',
    why: 'The equipment grounding conductor then carries normal current. Separate the two; the only bond belongs at the service.',
  },
  'neutral-not-bonded': {
    words: 'Neutral not bonded to ground at the service',
    why: 'Without the bond, a ground fault cannot trip a breaker. Bond neutral and ground at the service, and only there.',
  },
  'over-40-years': {
    words: `More than ${TIME_LIMITS.oldPanelYears} years old`,
    why: 'Springs and lubricant age. Age alone does not condemn a panel.',
  },
  'family-withdrawn': {
    words: 'The panel’s product family was withdrawn',
    why: 'Some breakers of withdrawn families are known not to trip. Plan to replace the panel.',
  },
  'no-single-main': {
    words: 'No single main: several handles turn the panel off',
    why: 'Code allowed this when the panel was built. In an emergency you must turn off several handles.',
  },
  damp: {
    words: 'Damp location',
    why: 'Connections corrode in damp air. Seal the conduit from outdoors, and inspect again.',
  },
  full: {
    words: 'No free spaces',
    why: 'There is no space for the next circuit. Full panels are where two conductors end up under one screw.',
  },
  'season-ahead': {
    words: 'The season of highest load is ahead',
    why: 'Weak connections fail when the load is highest.',
  },
};
