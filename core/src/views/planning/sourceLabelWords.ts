/** What has to be posted where a panel has another source, in our own words, with the clause. */
export const SOURCE_LABEL_WORDS = {
  directory:
    'At the service and at the source’s disconnect: a directory of every power source and where each is shut off (NEC 2023, 705.10).',
  standby: 'At the service: a sign with the kind and location of the standby source (NEC 2023, 702.7(A)).',
  'do-not-move':
    'Beside its breaker: a warning that this breaker must stay at the end of the bus opposite the main (NEC 2023, 705.12(B)).',
  'sum-of-breakers':
    'On the panel: a warning that the ratings of all its breakers except the main must not add up to more than the bus (NEC 2023, 705.12(B)).',
  inlet: 'At the inlet: a sign that says whether the generator’s neutral is bonded (NEC 2023, 702.7(C)).',
  'no-shared-neutral':
    'On the panel: a warning that one 120 V source feeds both legs and no multiwire circuit may be connected (NEC 2023, 710.15(C)).',
  'rapid-shutdown': 'At the service: a sign for rapid shutdown of the solar array (NEC 2023, 690.12(D)).',
  'battery-disconnect':
    'At the battery’s disconnect: its voltage, its available fault current and the date of that figure (NEC 2023, 706.15).',
} as const;
export type SourceLabel = keyof typeof SOURCE_LABEL_WORDS;
