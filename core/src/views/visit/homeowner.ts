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
    `A qualified electrician shuts the panel off (${off}), locks it and hangs a tag on it. Nobody but they take it away.`,
    'The cover comes off, and every place is measured dead before a hand goes in. The meter is proved before and after.',
    count === 1 ? 'One thing is done in it.' : `${count} things are done in it, one after the other.`,
    'The cover goes back on before the main goes on. Then circuits come on one by one, each measured.',
    `The power is off for about ${minutes} minutes.`,
  ],
  prepare: [
    'A clear way to the panel, an arm’s length free on both sides, and no children or pets near it.',
    'Computers shut down. Fridge and freezer closed.',
    'Say what must not be without power, and whether there is a generator, solar, a battery or a car that can feed the house.',
  ],
  ask: [
    'Which part goes in, and where does the panel’s label list it?',
    'May I see the figures: dead before, live after, and the torque?',
    'Which circuits were changed, and is the directory right again?',
    'What did you see in there that I should know?',
    'Is a permit needed, and who calls the inspection?',
  ],
  done: [
    'The cover is on with all its screws, and no opening is left that a finger fits into.',
    'Every handle is on that was on before, or you were told why not.',
    'The test button of a protected breaker trips it, and it resets.',
    'Nothing is warm, hums or smells half an hour later with the usual things on.',
    'The directory names the new breaker’s rooms, in ink.',
  ],
});
