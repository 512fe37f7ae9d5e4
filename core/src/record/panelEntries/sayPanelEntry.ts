import { dutyOf } from '../../facts/upkeep/index.ts';
import { PANEL_SIGN_WORDS } from '../../facts/vocabulary/index.ts';
import type { Sentence } from '../../facts/quantities/index.ts';
import type { PanelEntry } from './panelEntry.ts';

const counted = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/**
 * What an entry of a panel tells, in a few words.
 *
 * @param entry of any kind
 * @returns a few words
 * @example sayPanelEntry({ kind: 'sign', content: { sign: 'damp', found: true } }) // 'Damp location'
 */
export function sayPanelEntry(entry: Pick<PanelEntry, 'kind' | 'content'>): Sentence {
  const { kind, content } = entry as PanelEntry;
  switch (kind) {
    case 'recording':
      return content.channels.map(({ name, quantity }) => name || quantity).join(', ');
    case 'heat-picture':
      return content.camera || 'Temperatures of the board';
    case 'board-photo':
      return 'A photo of the board';
    case 'heat-scan':
      return `${counted(content.switchedOn.length, 'load', 'loads')} on for ${Math.round(content.soakedMinutes)} min, ${counted(content.scanned, 'place', 'places')} measured`;
    case 'sign': {
      const { words } = PANEL_SIGN_WORDS[content.sign];
      return content.found ? words : `Not so any more: ${words}`;
    }
    case 'service-sheet':
      return `${content.serviceAmps} A service`;
    case 'proposal':
      return `Planned: ${content.title}`;
    case 'visit':
      return `A visit: ${content.tasks.map(({ label }) => label).join(', ')}`;
    case 'upkeep-round':
      return `${dutyOf(content.duty).name}: ${counted(content.results.length, 'thing', 'things')}`;
    case 'upkeep-rule':
      return `${dutyOf(content.duty).name}: ${content.everyMonths === null ? 'as usual' : `every ${counted(content.everyMonths, 'month', 'months')}`}${content.nextAt === null ? '' : `, next ${content.nextAt.slice(0, 10)}`}`;
    case 'keeps-power':
      return content.breakerIds.length === 0
        ? 'No critical loads here'
        : `${counted(content.breakerIds.length, 'breaker', 'breakers')} must not lose power`;
    case 'report-prices':
      return counted(content.prices.length, 'price', 'prices');
    case 'house-map':
      return `A map of ${counted(content.rooms.length, 'room', 'rooms')}`;
    case 'hanging-directory':
      return `What hangs in the door, ${counted(content.text.split('\n').length, 'line', 'lines')}`;
    case 'map-looks':
      return `Round ${content.round + 1} of a map, ${counted(content.looks.length, 'place', 'places')} looked at`;
    case 'visit-step':
      return `Step ${content.n + 1} of a visit`;
  }
}
