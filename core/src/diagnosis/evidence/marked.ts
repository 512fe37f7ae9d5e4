/**
 * A sentence about an entry, which says so where the simulated stand-in told it.
 *
 * @example marked({ simulated: true }, 'It is quiet.') // 'It is quiet (simulated).'
 */
export const marked = ({ simulated }: { simulated: boolean }, sentence: string): string =>
  simulated ? sentence.replace(/\.$/, ' (simulated).') : sentence;
