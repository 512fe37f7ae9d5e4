import * as messages from './messages.ts';

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
export const CRITICAL_LOADS = messages.criticalLoadsArrangeBackup;
/** The rule of a tagged switch. */
export const TAGGED = messages.doNotTouchAnySwitchOr;

const BEFORE = [
  messages.saveYourWorkAndShutComputers,
  messages.keepTheRefrigeratorAndFreezer,
  messages.openGarageDoorsAndGatesStay,
  messages.keepAFlashlightHandyClocksAnd,
  messages.beforeTheOutagePutMedical,
] as const;

const listed = (circuits: readonly string[]) =>
  circuits.length === 0 ? messages.everyCircuitInIt : circuits.join(', ');

/**
 * A notice for the household: the circuits that are off, from when to when, and the critical loads.
 *
 * @param told when, for how long in min, and what goes off
 * @returns its lines
 * @example noticeOf({ when: null, minutes: 30, dark: [], dependents: [] }).when // 'For about 30 minutes. …'
 */
export const noticeOf = ({ when, minutes, dark, dependents }: Told): OutageNotice => ({
  title: messages.powerOutageNotice,
  when: messages.minutesPowerComesBackAsSoon(
    when === null ? messages.powerWillBeOffForAbout : messages.powerWillBeOffFromTo(when.from, when.until),
    minutes,
  ),
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
    messages.off,
    ...off.map((line) => `- ${line}`),
    ...(mustNot.length > 0 ? ['', `${CRITICAL_LOADS}:`, ...mustNot.map((line) => `- ${line}`)] : []),
    '',
    messages.beforeTheOutage,
    ...before.map((line) => `- ${line}`),
    '',
    TAGGED,
  ].join('\n');
