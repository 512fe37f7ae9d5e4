import type { Evidence } from '../evidence/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import { dangersIn, type Danger } from '../danger/index.ts';
import type { Decision } from './decision.ts';
import { circumstancesOf, resultsOf } from './fromRecord.ts';

type Helper = 'electrician' | 'utility';

interface DangerWords {
  doNow: string[];
  call: Helper;
}

const MAIN_OFF =
  'If the main can be reached without touching anything hot or wet, switch it off, standing to the side: switching off only this breaker leaves the panel under load. Otherwise get out.';
const LEAVE_OFF =
  'If your hands are dry and nothing burns, switch this breaker off, standing to the side, and leave it so.';
const KEEP_AWAY = 'Keep everybody away from the panel.';
const FIRE = 'Smoke, flame or a scorching smell that grows: get everybody out and call the fire service.';

/** What to do at once, by the test that showed the danger. */
const DANGER_WORDS: Partial<Record<TestId, DangerWords>> = {
  sound: { doNow: [MAIN_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  smell: { doNow: [MAIN_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  'panel-touch': { doNow: [MAIN_OFF, KEEP_AWAY, FIRE], call: 'electrician' },
  'water-signs': {
    doNow: [
      'Stay out of standing water. Touch neither the panel nor anything wet near it, not even to switch off.',
      'Where water stands or runs in, the utility cuts the service.',
      KEEP_AWAY,
    ],
    call: 'electrician',
  },
  'light-behaviour': {
    doNow: [
      'Unplug computers and televisions.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'outlet-voltage': {
    doNow: [
      'Unplug computers and televisions.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'line-side-voltage': {
    doNow: [
      'Unplug computers and televisions.',
      'If the panel is dry and cool, switch the main off, standing to the side.',
    ],
    call: 'utility',
  },
  'branch-off-check': {
    doNow: [
      'Do not trust this handle: take the whole circuit as live, and let nobody work on it.',
      'An electrician then looks for another breaker that feeds it, for another source, and at this breaker’s own contacts, in that order.',
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

/** What a danger of an evidence is called there, with its figures. */
function textIn({ items, mainItems }: Evidence, { by, text, atMain }: Danger): string {
  if (!by) return text;
  const item = (atMain ? mainItems : items).find(({ test }) => test === by.test);
  return item ? (atMain ? `At the main: ${item.text}` : item.text) : text;
}

/** Whether danger signs stop everything, why, what to do now and whom to call. */
export function stopFor(evidence: Evidence): Decision['stop'] {
  const found = dangersIn(resultsOf(evidence), circumstancesOf(evidence));
  if (found.length === 0) return { active: false, reasons: [], doNow: [], call: null, onlyAtMain: false };
  const words = found.map(({ by }) => (by && DANGER_WORDS[by.test]) ?? GENERAL);
  const helper = words.some(({ call }) => call === 'utility') ? 'utility' : 'electrician';
  return {
    active: true,
    reasons: [...new Set(found.map((danger) => textIn(evidence, danger)))],
    doNow: [...new Set(words.flatMap(({ doNow }) => doNow))],
    call: CALLS[helper],
    onlyAtMain: found.every(({ atMain }) => atMain),
  };
}
