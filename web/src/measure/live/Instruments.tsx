import {
  INSTRUMENT_NAMES,
  INSTRUMENT_READS,
  INSTRUMENT_WORDS,
  type KnownInstrument,
} from '@phylaxon/core/facts/instruments';
import { QUANTITY_UNITS } from '@phylaxon/core/record/entities';
import * as messages from './messages.ts';

/** How truly something is read, in words. */
function accuracyText(
  { percent, digits, resolution, least }: (typeof INSTRUMENT_READS)[KnownInstrument][number],
  unit: string,
) {
  if (least > 0) return messages.orWhicheverIsGreater(least, unit, percent);
  return digits > 0 ? messages.digitsOf(percent, digits, resolution, unit) : `± ${percent}%`;
}

/** What each kind of instrument is for, what it reads and how truly, and what to heed. */
export function Instruments() {
  return (
    <details className="border-t border-rule-strong pt-2">
      <summary className="min-h-11 py-2 text-lg font-bold">{messages.instrumentsPurposeAndAccuracy}</summary>
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
                    {messages.to(
                      reads.from,
                      reads.to,
                      QUANTITY_UNITS[reads.quantity],
                      accuracyText(reads, QUANTITY_UNITS[reads.quantity]),
                    )}
                  </p>
                ))}
                {category && <p className="text-sm">{messages.atAPanel(category)}</p>}
                <p className="text-sm">
                  {provesDead ? messages.aZeroReadingCountsAsDe : messages.neverUseItToVerifyAbsence}
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
