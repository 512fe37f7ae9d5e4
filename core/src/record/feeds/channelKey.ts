import type { Channel } from './schema.ts';

/**
 * What tells the channels of a feed apart.
 *
 * @param channel an instrument at a point
 * @returns a key
 * @example channelKey(sample) // 'clamp-meter conductor current'
 */
export const channelKey = ({ instrument, point, quantity }: Channel): string =>
  `${instrument} ${point} ${quantity}`;
