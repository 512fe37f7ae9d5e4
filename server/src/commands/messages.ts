export const thereIsNoSuchBreakerIn = 'There is no such breaker in this panel.';
export const enterHomeownerOrElectrician = 'Enter “homeowner” or “electrician”.';
export const aChangeNeedsAnId = 'A change needs an id.';
export const giveTheReplacementItsOwnId = 'Give the replacement its own id.';
