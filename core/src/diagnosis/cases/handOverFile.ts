import { z } from 'zod';
import { id, instant } from '../../record/entities/index.ts';
import { handOverCard } from './handOver.ts';

export const HAND_OVER_FORMAT = 'phylaxon-handover';
export const HAND_OVER_VERSION = 1;

/**
 * A case on its way to somebody else, as an open file: the page as people read it, and the record behind it as a site
 * file of the one panel, to be taken in as a case with its evidence.
 */
export const handOverFile = z.object({
  format: z.literal(HAND_OVER_FORMAT, 'This is not a hand-over file.'),
  version: z.literal(HAND_OVER_VERSION, 'This hand-over file was written by another version of Phylaxon.'),
  writtenAt: instant,
  caseId: id,
  card: handOverCard,
  record: z.record(z.string(), z.unknown()).describe('a site file'),
});
export type HandOverFile = z.infer<typeof handOverFile>;
