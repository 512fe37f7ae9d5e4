import type { z } from 'zod';
import { ohmsPerMetre } from '../../facts/standards/index.ts';
import type { conductorRun } from './schema.ts';

/** Ohms of a conductor there and back; NEC 2023, chapter 9, table 8, at its own temperature. */
export const conductorOhmsOf = ({
  gauge,
  material,
  lengthM,
  conductorC,
  wires,
}: z.output<typeof conductorRun>): number => wires * lengthM * ohmsPerMetre(gauge, material, conductorC);
