import type { Evidence } from '../readings/index.ts';
import { outcomeOf } from '../readings/index.ts';
import { isDanger, type TestId } from '../vocabulary/index.ts';
import type { Decision } from './decision.ts';
import { unpluggedSnaps } from './facts.ts';

type Helper = 'electrician' | 'utility';

interface DangerWords {
  doNow: string[];
  call: Helper;
}

const LEAVE_OFF =
  'If your hands are dry and nothing burns, switch this breaker off, standing to the side. Then leave it off.';
const KEEP_AWAY = 'Keep everybody away from the panel.';
const FIRE = 'Smoke, flame or a scorching smell that grows: get everybody out and call the fire service.';

/** What to do at once, by the test that showed the danger. */
const DANGER_WORDS: Partial<Record<TestId, DangerWords>> = {
  sound: { doNow: [LEAVE_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  smell: { doNow: [LEAVE_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  'panel-touch': { doNow: [LEAVE_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  'water-signs': {
    doNow: ['Do not touch the panel or anything wet near it, not even to switch off.', KEEP_AWAY],
    call: 'electrician',
  },
  'light-behaviour': {
    doNow: [
      'Unplug what is dear to you.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'outlet-voltage': {
    doNow: [
      'Unplug what is dear to you.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'line-side-voltage': {
    doNow: [
      'Unplug what is dear to you.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'branch-off-check': {
    doNow: [
      'Do not trust this handle: take the whole circuit as live.',
      'Let nobody work on it or touch bare metal of it.',
    ],
    call: 'electrician',
  },
  'main-off-check': {
    doNow: ['Do not trust the main: take everything behind it as live.', 'Let nobody open the panel.'],
    call: 'electrician',
  },
};

const GENERAL: DangerWords = { doNow: [LEAVE_OFF, KEEP_AWAY], call: 'electrician' };

const CALLS: Record<Helper, string> = {
  electrician: 'Call a licensed electrician now and tell them what is written here.',
  utility:
    'Call the utility’s emergency line now and say that the supply’s neutral or a leg may be open; then an electrician.',
};

interface Danger {
  text: string;
  words: DangerWords;
  /** Logged at the main, not at this breaker. */
  atMain?: true;
}

/** Danger signs, single ones first, then those that are dangerous together. */
function dangers(evidence: Evidence): Danger[] {
  const single = evidence.items
    .filter((item) => isDanger(item.test, item.outcome))
    .map((item) => ({ text: item.text, words: DANGER_WORDS[item.test] ?? GENERAL }));
  const atMain = evidence.mainItems.map((item) => ({
    text: `At the main: ${item.text}`,
    atMain: true as const,
    words: DANGER_WORDS[item.test] ?? GENERAL,
  }));
  return [...single, ...atMain, ...together(evidence).map((text) => ({ text, words: GENERAL }))];
}

function together(evidence: Evidence): string[] {
  const texts: string[] = [];
  if (unpluggedSnaps(evidence).length >= 2) {
    texts.push('It has tripped at once twice with everything unplugged: a short in the wiring.');
  }
  if (outcomeOf(evidence, 'insulation-resistance') === 'near-zero' && evidence.handle === 'on') {
    texts.push('The circuit’s insulation is near zero and it is switched on.');
  }
  const loose = outcomeOf(evidence, 'terminal-inspection') === 'loose';
  if (loose && outcomeOf(evidence, 'terminal-temperature') === 'over-15-over' && evidence.handle === 'on') {
    texts.push('A loose joint is hot and still carries load.');
  }
  return texts;
}

/** Whether danger signs stop everything, why, what to do now and whom to call. */
export function stopFor(evidence: Evidence): Decision['stop'] {
  const found = dangers(evidence);
  if (found.length === 0) return { active: false, reasons: [], doNow: [], call: null, onlyAtMain: false };
  const helper = found.some((danger) => danger.words.call === 'utility') ? 'utility' : 'electrician';
  return {
    active: true,
    reasons: found.map((danger) => danger.text),
    doNow: [...new Set(found.flatMap((danger) => danger.words.doNow))],
    call: CALLS[helper],
    onlyAtMain: found.every((danger) => danger.atMain),
  };
}
