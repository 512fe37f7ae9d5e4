/** What the line understands, by example: what is typed, and what it means. */
const EXAMPLES: [string, string][] = [
  ['12: 118.4v 14.2a 41c amb 22c', 'volts and amps at breaker 12, its terminal’s temperature, the air'],
  ['5-7 term 56 face 48', 'temperatures of a two-pole: terminal, then face'],
  ['main 121.2/119.8 v', 'both supply legs to neutral'],
  ['5-7 across 238v', 'volts from pole to pole'],
  ['19u 4.1a, 19l 3.2a', 'a narrow pair, upper and lower'],
  ['kitchen counter 7.2 a at the plug', 'by a name of the directory; at the plug or the outlet'],
  ['12 34 mv', 'millivolts across the closed breaker'],
  ['12 850 w', 'power at the plug'],
  ['12 tripped 8 min at 17a', 'a trip: after how long, at what current; “at once” too'],
  ['12 no trip 2 h at 14a', 'it carried a current so long'],
  ['12 reset clicks, holds', 'a reset: how it felt, what came of it'],
  ['12 off', 'where the handle stands'],
  ['16 sizzles, 4 two wires', 'what was seen, heard, smelled or felt'],
  ['yesterday 19:20 12 tripped', 'when it was; “20 min ago”, a date, a time of day'],
  ['12 118v no load, 114v everything on', 'how much was on'],
];

export function Help() {
  return (
    <details className="mt-1">
      <summary className="min-h-11 py-2 text-sm font-semibold">What it understands</summary>
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
