import type { PurposeId, StationId } from './items.ts';

export const STATION_WORDS: Record<StationId, string> = {
  outside: 'Outside the house',
  closed: 'At the closed panel',
  outlets: 'At the outlets',
  inside: 'Inside the panel',
};

export const PURPOSE_WORDS: Record<PurposeId, string> = {
  buying: 'Before buying',
  yearly: 'Yearly inspection',
  water: 'After water',
  lightning: 'After lightning',
};
