export const theBreakerTrippedFarTooLate =
  'The breaker tripped far too late, or not at all. The circuit has no overcurrent protection.';
export const theWireIsTooSmallFor =
  'The wire is too small for this breaker. The breaker’s job is to protect the wire.';
export const theBusStabIsBurnedIt = 'The bus stab is burned. It will heat up again under any load.';
export const theTerminalHasOverheatedAnd = 'The terminal has overheated and damaged the breaker.';
export const theTerminalIsLooseItHeats = 'The terminal is loose. It heats up under any load.';
export const theTerminalIsMuchHotterThan =
  'The terminal is much hotter than similar ones, which shows a high-resistance connection.';
export const theCircuitSNeutralIsLoose = 'The circuit’s neutral is loose or burned at the neutral bar.';
export const theTestButtonDoesNotTrip =
  'The test button does not trip the breaker. Its shock or arc protection is gone.';
export const theTerminalIsCorrodedMoisture = 'The terminal is corroded. Moisture is getting into the panel.';
export const theBreakerIsNotListedFor =
  'The breaker is not listed for this panel, so it may not seat or grip properly.';
export const twoConductorsAreUnderATerminal = 'Two conductors are under a terminal listed for one.';
export const thePanelShowsRustOr =
  'The panel shows rust or condensation. Moisture keeps getting in until the leak is sealed.';
export const thePanelBelongsToAWithdrawn =
  'The panel belongs to a withdrawn family known for breakers that fail to trip. Plan to replace the panel.';
export const theHandleIsStiffOrGritty = 'The handle is stiff or gritty, so the mechanism is worn.';
export const theTerminalIsWarmerThanSimilar =
  'The terminal is warmer than similar ones under a similar load.';
export const hotAndNeutralAreReversedAt =
  'Hot and neutral are reversed at the outlet. An appliance stays energized there when it is switched off.';
export const theOutletHasNoGroundIf =
  'The outlet has no ground. If it never had one, note it, and have it GFCI-protected and labeled (NEC 406.4(D)).';
export const aSecondLikelyCauseTheFirst = 'A second likely cause: the first does not explain every finding.';
export const theLikelyRepairOnceThePanel = 'The likely repair, once the panel is safe.';
export const doesNotExplainThatThereMay = (test: string, leading: string) =>
  `${test}: “${leading}” does not explain that. There may be two faults.`;
