import { ampacity, largestBreaker, sayConductor, type Conductor } from '../../code/sizing/index.ts';
import * as messages from './messages.ts';

/** As most dwellings are wired, and on the safe side: 60 °C terminals, 30 °C around it, two conductors that carry. */
const AS_USUAL = { terminalC: 60, ambientC: 30, currentCarrying: 2 } as const;

/** The largest breaker a wire may have, and why. */
export interface RatingForWire {
  ratingAmps: number;
  reason: string;
}

/**
 * The largest breaker for a wire whose gauge was read off its jacket, with the panel open.
 *
 * @param wire its gauge and material
 * @param receptacles its circuit feeds outlets for plug-in loads
 * @returns A, with the reason (NEC 240.4(D) for small conductors, else its ampacity by NEC 310.16)
 * @example ratingForWire({ gauge: '14', material: 'copper' }, true).ratingAmps // 15
 */
export function ratingForWire(
  wire: Pick<Conductor, 'gauge' | 'material'>,
  receptacles: boolean,
): RatingForWire {
  const conductor: Conductor = { ...wire, insulationC: 60, cable: 'nm' };
  const carries = ampacity({ conductor, ...AS_USUAL });
  const ratingAmps = largestBreaker(conductor, carries, receptacles);
  return {
    ratingAmps,
    reason: messages.aCircuitWiredWithMayHave(sayConductor(conductor), ratingAmps),
  };
}
