import type { Decision } from '@phylaxon/core/diagnose';
import { OctagonAlert } from 'lucide-react';
import { inUnits } from '../shared/index.ts';

/** A danger sign, told once, with what to do now and whom to call. */
export function StopNotice({ stop }: { stop: Decision['stop'] }) {
  return (
    <section aria-label="Stop" role="alert" className="bg-danger-fill px-4 py-4 text-white">
      <h2 className="flex items-center gap-2 text-2xl font-bold">
        <OctagonAlert aria-hidden="true" className="size-7 shrink-0" />
        Stop. Leave it off.
      </h2>
      <ul className="mt-2 font-medium">
        {stop.reasons.map((reason) => (
          <li key={reason}>{inUnits(reason)}</li>
        ))}
      </ul>
      <ol className="mt-3 list-decimal space-y-1 pl-6">
        {stop.doNow.map((step) => (
          <li key={step}>{step}</li>
        ))}
        {stop.call && <li className="font-bold">{stop.call}</li>}
      </ol>
    </section>
  );
}
