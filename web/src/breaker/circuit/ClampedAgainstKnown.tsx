import { unknownLoad } from '@phylaxon/core/record/appliances';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { ampsText } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What was clamped at the panel against the loads that are drawn: what is missing is named, with how to look for it. */
export function ClampedAgainstKnown({ detail: { load, circuit } }: { detail: BreakerDetail }) {
  if (!load || load.by !== 'conductor' || !circuit) return null;
  const found = unknownLoad(load.amps, circuit.loads);
  if (!found?.isReal) return null;
  const { clampedAmps, knownAmps, differenceAmps } = found;
  const volts = circuit.loads[0]?.volts ?? 120;
  const isMore = differenceAmps > 0;
  return (
    <section
      aria-label={messages.clampReadingAgainstListedLoads}
      className="mb-4 border-l-8 border-heed py-1 pl-4"
    >
      <p>
        {messages.theClampMeterReadOnThis(
          <strong className="figures">{ampsText(clampedAmps)}</strong>,
          <strong className="figures">{ampsText(knownAmps)}</strong>,
          isMore ? (
            <>
              {messages.aboutVaComeFromLoadsThat(
                <strong className="figures">{ampsText(differenceAmps)}</strong>,
                Math.round(differenceAmps * volts),
              )}
            </>
          ) : (
            messages.thatIsLessThanTheListed
          ),
        )}
      </p>
    </section>
  );
}
