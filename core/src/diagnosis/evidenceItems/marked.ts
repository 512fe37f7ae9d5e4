/**
 * A sentence about an entry, which says so where the simulated stand-in told it.
 *
 * @param entry whether the stand-in told it
 * @param sentence what it says
 * @returns the sentence
 * @example marked({ simulated: true }, 'It is quiet.') // 'It is quiet (simulated).'
 */
export const marked = ({ simulated }: { simulated: boolean }, sentence: string): string =>
  simulated ? sentence.replace(/\.$/, ' (simulated).') : sentence;
