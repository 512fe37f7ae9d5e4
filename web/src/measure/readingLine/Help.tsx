import * as messages from './messages.ts';

/** What the line understands, by example: what is typed, and what it means. */
const EXAMPLES: [string, string][] = [
  [messages.amb22c, messages.voltageAndCurrentAtBreaker12],
  [messages.term56Face48, messages.temperaturesOfATwoPoleBreaker],
  [messages.main12121198V, messages.bothSupplyLegsToNeutral],
  [messages.across238v, messages.voltageFromPoleToPole],
  ['19u 4.1a, 19l 3.2a', messages.aTandemUpperAndLower],
  [messages.kitchenCounter72AAt, messages.byADirectoryNameAtThe],
  [messages.mv, messages.voltageDropAcrossTheClosed],
  ['12 850 w', messages.powerAtThePlugInMeter],
  [messages.tripped8MinAt17a, messages.aTripAfterHowLongAt],
  [messages.noTrip2HAt14a, messages.aHoldTheCurrentItCarried],
  [messages.resetClicksHolds, messages.aResetHowTheHandleFelt],
  [messages.off, messages.theHandlePosition],
  [messages.sizzles4TwoWires, messages.somethingSeenHeardSmelledOr],
  [messages.yesterday192012Tripped, messages.timeOfTheReading20Min],
  [messages.noLoad114vEverythingOn, messages.howMuchLoadWasOn],
];

export function Help() {
  return (
    <details className="mt-1">
      <summary className="min-h-11 py-2 text-sm font-semibold">{messages.examples}</summary>
      <dl
        tabIndex={0}
        className="grid max-h-[35dvh] gap-x-6 gap-y-1 overflow-y-auto text-sm sm:grid-cols-[auto_minmax(0,1fr)]"
      >
        {EXAMPLES.map(([typed, means]) => (
          <div key={typed} className="contents">
            <dt className="font-mono font-semibold">{typed}</dt>
            <dd className="mb-1 text-ink-soft">{means}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
