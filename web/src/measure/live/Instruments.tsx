import {
  INSTRUMENT_NAMES,
  INSTRUMENT_READS,
  INSTRUMENT_WORDS,
  type KnownInstrument,
} from '@phylaxon/core/facts/instruments';
import { QUANTITY_UNITS } from '@phylaxon/core/record/entities';

/** How truly something is read, in words. */
function accuracyText(
  { percent, digits, resolution, least }: (typeof INSTRUMENT_READS)[KnownInstrument][number],
  unit: string,
) {
  if (least > 0) return `± ${least} ${unit} or ${percent} %, whichever is more`;
  return digits > 0 ? `± (${percent} % + ${digits} digits of ${resolution} ${unit})` : `± ${percent} %`;
}

/** What each kind of instrument is for, what it reads and how truly, and what to heed. */
export function Instruments() {
  return (
    <details className="border-t border-rule-strong pt-2">
      <summary className="min-h-11 py-2 text-lg font-bold">
        What each instrument is for, and how accurate it is
      </summary>
      <dl className="divide-y divide-rule">
        {(Object.keys(INSTRUMENT_WORDS) as KnownInstrument[]).map((kind) => {
          const { use, category, provesDead, heed } = INSTRUMENT_WORDS[kind];
          return (
            <div key={kind} className="py-2">
              <dt className="font-bold first-letter:uppercase">{INSTRUMENT_NAMES[kind]}</dt>
              <dd>
                <p>{use}</p>
                {INSTRUMENT_READS[kind].map((reads) => (
                  <p key={reads.quantity} className="figures text-sm">
                    {reads.from} to {reads.to} {QUANTITY_UNITS[reads.quantity]},{' '}
                    {accuracyText(reads, QUANTITY_UNITS[reads.quantity])}
                  </p>
                ))}
                {category && <p className="text-sm">At a panel: {category}.</p>}
                <p className="text-sm">
                  {provesDead
                    ? 'Its “dead” may be believed where it was proved on a known live point before and after.'
                    : 'It never proves that something is dead.'}
                </p>
                <ul className="list-disc pl-5 text-sm text-ink-soft">
                  {heed.map((one) => (
                    <li key={one}>{one}</li>
                  ))}
                </ul>
              </dd>
            </div>
          );
        })}
      </dl>
    </details>
  );
}
