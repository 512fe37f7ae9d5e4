import { isOnItsSide, placeOfSpace } from '@phylaxon/core/panel/layout';
import type { Breaker, Panel } from '@phylaxon/core/record/entities';

const NTH = ['st', 'nd', 'rd'];
const nth = (n: number) => `${n}${n % 100 >= 11 && n % 100 <= 13 ? 'th' : (NTH[(n % 10) - 1] ?? 'th')}`;

/**
 * Where a breaker is found by counting, as the panel hangs: “left column, 3rd place from the top”.
 *
 * @example boardPlaceWords({ spaces: 24, orientation: 'upright' }, { space: 5, poles: 1, half: null })
 *   // 'left column, 3rd place from the top'
 */
export function boardPlaceWords(
  { spaces, orientation }: Pick<Panel, 'spaces' | 'orientation'>,
  { space, poles, half }: Pick<Breaker, 'space' | 'poles' | 'half'>,
): string {
  if (space === null) return 'the main breaker, alone at the end of the panel';
  const places = Array.from({ length: half === null ? poles : 1 }, (_, pole) =>
    placeOfSpace(spaces, space + 2 * pole, orientation),
  );
  const onSide = isOnItsSide(orientation);
  const along = places.map(({ row, column }) => (onSide ? column : row) + 1).sort((a, b) => a - b);
  const across = onSide ? places[0]!.row : places[0]!.column;
  const line = onSide
    ? across === 0
      ? 'upper row'
      : 'lower row'
    : across === 0
      ? 'left column'
      : 'right column';
  const count =
    along.length > 1 ? `${nth(along[0]!)} and ${nth(along[1]!)} position` : `${nth(along[0]!)} position`;
  return `${line}, ${count} from the ${onSide ? 'left' : 'top'}`;
}
