import { suspensionReasons, type Suspension } from '@phylaxon/core/views/board';
import { Notice } from './Notice.tsx';
import { useUnits } from '../words/index.ts';

/** A job that a hazard suspends: what was found, and what to do now. */
export function Suspended({ title, suspension }: { title: string; suspension: Suspension }) {
  const { say } = useUnits();
  const { follows } = suspension.panel;
  return (
    <Notice title={title}>
      <ul className="list-disc pl-5">
        {suspensionReasons(suspension).map((reason) => (
          <li key={reason}>{say(reason)}</li>
        ))}
      </ul>
      {follows && (
        <>
          <p className="mt-2 font-semibold">{follows.use}</p>
          <ol className="list-decimal pl-5">
            {follows.now.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </>
      )}
    </Notice>
  );
}
