/** What a household is told before the power goes off. */
export interface OutageNotice {
  title: string;
  when: string;
  off: string[];
  before: string[];
  mustNot: string[];
}

interface Told {
  /** From when, until about when, as it is written where it is read; `null`: not set yet. */
  when: { from: string; until: string } | null;
  minutes: number;
  dark: readonly { panel: string; circuits: readonly string[] }[];
  dependents: readonly string[];
}

/** The heading of the critical loads. */
export const CRITICAL_LOADS = 'Critical loads: arrange another supply first';
/** The rule of a tagged switch. */
export const TAGGED = 'Do not touch a switch with a tag on it.';

const BEFORE = [
  'Save your work and shut computers down.',
  'Keep fridge and freezer closed: they hold for hours.',
  'Open garage doors and gates. Stay out of the elevator.',
  'Keep a flashlight handy. Clocks and routers restart on their own.',
  'Before then, give medical equipment its own supply. Do the same for other critical loads, such as an aquarium or an alarm.',
] as const;

const listed = (circuits: readonly string[]) =>
  circuits.length === 0 ? 'everything on it' : circuits.join(', ');

/**
 * A notice for the household: the circuits that are off, from when to when, and the critical loads.
 *
 * @param told when, for how long in min, and what goes off
 * @returns its lines
 * @example noticeOf({ when: null, minutes: 30, dark: [], dependents: [] }).when // 'For about 30 minutes. …'
 */
export const noticeOf = ({ when, minutes, dark, dependents }: Told): OutageNotice => ({
  title: 'The power will be off',
  when: `${when === null ? 'For about' : `From ${when.from} until about ${when.until},`} ${minutes} minutes. The power comes back as soon as the work is tested.`,
  off: dark.map(({ panel, circuits }) => `${panel}: ${listed(circuits)}`),
  before: [...BEFORE],
  mustNot: [...dependents],
});

/**
 * The notice as plain text, to be copied.
 *
 * @param notice its lines
 * @returns text
 * @example noticeText(noticeOf(told))
 */
export const noticeText = ({ title, when, off, before, mustNot }: OutageNotice): string =>
  [
    title,
    when,
    '',
    'Off:',
    ...off.map((line) => `- ${line}`),
    ...(mustNot.length > 0 ? ['', `${CRITICAL_LOADS}:`, ...mustNot.map((line) => `- ${line}`)] : []),
    '',
    'Before:',
    ...before.map((line) => `- ${line}`),
    '',
    TAGGED,
  ].join('\n');
