import { HEAT_LIMITS, TIME_LIMITS } from '../limits/index.ts';
import type { PanelSignId } from './panelSigns.ts';

const { overPeersRepairSoonC: NEAR, overPeersUrgentC: FAR } = HEAT_LIMITS;

/** What was found, in a few words, and why it speaks as it does for a panel as a whole. */
export const PANEL_SIGN_WORDS: Record<PanelSignId, { words: string; why: string }> = {
  'sizzle-under-load': {
    words: 'Sizzling or crackling under load',
    why: 'It is an arc: current crosses a gap at a bus or a stab and burns it further.',
  },
  'hot-plastic-smell': {
    words: 'Smell of hot plastic at the panel',
    why: 'Insulation smells before it burns, and it only gets that hot where a joint has failed.',
  },
  'steady-hum': {
    words: 'A steady hum',
    why: 'A loose plate or a bell transformer hums as well; a hum that grows with the load is worth hearing again.',
  },
  'quiet-under-load': {
    words: 'Quiet, and no smell, with everything on',
    why: 'A bus that arcs is loudest under load.',
  },
  'insulation-melted': {
    words: 'Insulation or plastic melted inside',
    why: 'It has been far hotter than any load in order makes it, and what insulates is gone.',
  },
  'lugs-discoloured': {
    words: 'Main lugs or bus discolored by heat',
    why: 'Metal that everything flows through has been hot for long; its spring and plating are gone.',
  },
  'stabs-pitted-several': {
    words: 'Several bus stabs pitted or burnt',
    why: 'One stab is one breaker’s joint; several are the bus, and new breakers on it burn in turn.',
  },
  'stab-pitted-one': {
    words: 'One bus stab pitted or burnt',
    why: 'That space is given up and its breaker moved; the rest of the bus is not condemned by it.',
  },
  'lugs-corroded': {
    words: 'Main lugs corroded',
    why: 'Cleaned and remade in time they serve on; left alone the corrosion goes on into the bus.',
  },
  'two-under-one-screw': {
    words: 'Two conductors under one screw not listed for two',
    why: 'One of them works loose. Repair it at that breaker.',
  },
  'open-hole': {
    words: 'An open hole or an open space without a filler',
    why: 'Fingers and mice reach live metal through it; a filler closes it.',
  },
  'rust-light': {
    words: 'A little rust',
    why: 'Damp has been in. Dry it, and inspect what it has reached.',
  },
  untidy: {
    words: 'Untidy work',
    why: 'Untidy wiring predicts loose joints; by itself it heats nothing.',
  },
  'clean-inside': {
    words: 'Clean inside: no discoloring, rust or pitting',
    why: 'Heat and damp leave their marks for good.',
  },
  'leg-over-rating': {
    words: 'A leg carries more than its rating',
    why: 'Bus, lugs and main are beyond what they were built for, and age fast.',
  },
  'legs-unequal-for-years': {
    words: 'One leg has carried much more than the other for years',
    why: 'The heavier leg is the worn one. Once heat shows a failing joint, this explains it and counts as failing too.',
  },
  'legs-balanced': {
    words: 'The legs carry about alike, within the rating',
    why: 'Neither side of the bus is worked harder than the other.',
  },
  'bus-or-lug-over-15': {
    words: `Bus or a lug more than ${FAR} °C over the other`,
    why: 'What everything flows through is a bad joint: no breaker that is changed cures it.',
  },
  'several-over-15': {
    words: `Several breakers more than ${FAR} °C over similar ones`,
    why: 'Joints do not fail by chance side by side; what they share, the bus, does.',
  },
  'very-hot-not-open': {
    words: 'A breaker far hotter than its load explains that did not open',
    why: 'Its contacts may be welded: it does not protect its circuit any more.',
  },
  'one-joint-over-15': {
    words: `One joint more than ${FAR} °C over similar ones`,
    why: 'One joint is remade, or one breaker replaced; the panel is not condemned by it.',
  },
  'some-3-to-15': {
    words: `Some parts ${NEAR} to ${FAR} °C over similar ones`,
    why: 'Have them tightened at the next service visit, and scan again.',
  },
  'none-over-3': {
    words: `Nothing more than ${NEAR} °C over similar parts, under load`,
    why: 'A joint that fails is warm under load.',
  },
  'takes-neighbour-along': {
    words: 'A breaker that is opened takes another with it',
    why: 'Two circuits have nothing in common but the bus and its stabs.',
  },
  'trips-together': {
    words: 'Breakers of different circuits trip together',
    why: 'Heat of a shared stab or bus reaches both; their circuits do not know of each other.',
  },
  'did-not-open': {
    words: 'A breaker did not open when it must',
    why: 'Where one breaker of a panel does not protect, the others of its age are not to be trusted untried.',
  },
  'opens-as-it-should': {
    words: 'The handles that were tried opened their own circuits',
    why: 'What the panel is for, it does.',
  },
  'unlisted-part': {
    words: 'A breaker not listed for this panel',
    why: 'It may fit without holding the stab as it must. It is exchanged for a listed one.',
  },
  'feeder-below-main': {
    words: 'The conductors to it carry less than its main allows',
    why: 'The main would let them overheat: a smaller main, or larger conductors.',
  },
  'neutral-ground-in-sub-panel': {
    words: 'Neutral and ground joined in a sub-panel',
    why: 'The grounding conductor then carries current. They are parted; the bond stays at the service.',
  },
  'neutral-not-bonded': {
    words: 'Neutral and ground not joined at the service',
    why: 'A fault to ground then finds no way back and trips nothing. They are joined there, and only there.',
  },
  'over-40-years': {
    words: `More than ${TIME_LIMITS.oldPanelYears} years old`,
    why: 'Springs and grease age. Age alone condemns nothing.',
  },
  'family-withdrawn': {
    words: 'Its family of parts is withdrawn',
    why: 'Families were withdrawn for a reason: some breakers are known not to open when they must. Plan to replace the panel.',
  },
  'no-single-main': {
    words: 'No single main: several handles shut it off',
    why: 'Code allowed this when the panel was built. De-energizing it in an emergency takes several handles.',
  },
  damp: {
    words: 'Damp where it hangs',
    why: 'Joints corrode in damp air. Seal the pipe from outdoors; look again.',
  },
  full: {
    words: 'No room left',
    why: 'The next circuit finds no place, and crowding is when two conductors go under one screw.',
  },
  'season-ahead': {
    words: 'The season of its largest load is ahead',
    why: 'What is weak fails then.',
  },
};
