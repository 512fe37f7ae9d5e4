/** A visit as whoever lives there follows it. */
export interface HomeownerGuide {
  happens: string[];
  prepare: string[];
  ask: string[];
  done: string[];
}

/**
 * What a homeowner needs to know of a visit: what will happen, what to prepare, what to ask, how to see that it was done right.
 *
 * @param about how many things are done, for how long, and what makes the panel dead
 * @returns lines; none of them lets anybody open a cover
 * @example homeownerGuide({ count: 1, minutes: 30, off: 'its main' }).happens.length // 5
 */
export const homeownerGuide = ({
  count,
  minutes,
  off,
}: {
  count: number;
  minutes: number;
  off: string;
}): HomeownerGuide => ({
  happens: [
    `A qualified electrician de-energizes the panel (${off}), locks it out and tags it. Only that electrician removes the lock and the tag.`,
    'The electrician removes the cover and verifies absence of voltage at every point before touching it. The meter is verified before and after.',
    count === 1
      ? 'The electrician does one task inside.'
      : `The electrician does ${count} tasks inside, one at a time.`,
    'The cover goes back on before the main is turned on. Then the circuits are turned on one at a time, and each is measured.',
    `The power is off for about ${minutes} minutes.`,
  ],
  prepare: [
    'A clear way to the panel, an arm’s length free on both sides, and no children or pets near it.',
    'Computers shut down. Fridge and freezer closed.',
    'List the critical loads, and any generator, solar system, battery or vehicle that can feed the house.',
  ],
  ask: [
    'Which part do you install, and where does the panel label list it?',
    'May I see the readings: verified dead before, voltage after, and the torque?',
    'Which circuits were changed, and is the directory right again?',
    'What did you see in there that I should know?',
    'Is a permit needed, and who calls the inspection?',
  ],
  done: [
    'The cover is on with all its screws, and every opening is closed.',
    'Every breaker that was on before is on again, or you know why not.',
    'The test button of a GFCI or AFCI breaker trips it, and it resets.',
    'After half an hour with the usual loads on, nothing is warm, hums or smells.',
    'The directory lists the rooms of the new breaker, in ink.',
  ],
});
