import type { Decision } from '@phylaxon/core/diagnosis/decision';
import { OctagonAlert } from 'lucide-react';
import { DoNow, StopReasons } from './StopLists.tsx';
import * as messages from './messages.ts';

/** A danger sign, told once, with what to do now and whom to call. */
export function StopNotice({ stop }: { stop: Decision['stop'] }) {
  return (
    <section aria-label={messages.stop} role="alert" className="bg-danger-fill px-4 py-4 text-white">
      <h2 className="flex items-center gap-2 text-2xl font-bold">
        <OctagonAlert aria-hidden="true" className="size-7 shrink-0" />
        {messages.stopTitle}
      </h2>
      <StopReasons stop={stop} className="mt-2 font-medium" />
      <DoNow stop={stop} className="mt-3 space-y-1" />
    </section>
  );
}
