export const theseAreOnATwoPole =
  'These are on a two-pole breaker. Those that run on 120 V share one neutral. Turn both handles off together before opening any of them.';
export const byTheRecordThisCircuitShares =
  'By the record, this circuit shares its neutral with a circuit on the other leg. Turn both off before opening any of them.';
