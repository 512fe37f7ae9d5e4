import { unknownLoad } from '@phylaxon/core/record/appliances';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { ampsText } from '../../shared/ui/index.ts';

/** What was clamped at the panel against the loads that are drawn: what is missing is named, with how to look for it. */
export function ClampedAgainstKnown({ detail: { load, circuit } }: { detail: BreakerDetail }) {
  if (!load || load.by !== 'conductor' || !circuit) return null;
  const found = unknownLoad(load.amps, circuit.loads);
  if (!found?.isReal) return null;
  const { clampedAmps, knownAmps, differenceAmps } = found;
  const volts = circuit.loads[0]?.volts ?? 120;
  const isMore = differenceAmps > 0;
  return (
    <section aria-label="Clamped against known" className="mb-4 border-l-8 border-heed py-1 pl-4">
      <p>
        <strong className="figures">{ampsText(clampedAmps)}</strong> were clamped on its conductor; the loads
        drawn here come to <strong className="figures">{ampsText(knownAmps)}</strong>
        {isMore ? (
          <>
            : <strong className="figures">{ampsText(differenceAmps)}</strong> (about{' '}
            {Math.round(differenceAmps * volts)} VA) hang on it that are not drawn. Everything on, watch the
            clamp, and switch things off one by one: what takes the rest away is it.
          </>
        ) : (
          '. With everything on that would be less than is drawn: something was off, or a nameplate says more than it draws.'
        )}
      </p>
    </section>
  );
}
