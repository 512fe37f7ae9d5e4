import type { Decision } from '@phylaxon/core/diagnosis/decision';
import { useUnits } from '../../shared/ui/index.ts';

type Props = { stop: Decision['stop']; className: string };

/** What the danger is. */
export const StopReasons = ({ stop, className }: Props) => {
  const { say } = useUnits();
  return (
    <ul className={className}>
      {stop.reasons.map((reason) => (
        <li key={reason}>{say(reason)}</li>
      ))}
    </ul>
  );
};

/** What to do now, whom to call the last of it. */
export const DoNow = ({ stop, className }: Props) => (
  <ol className={`list-decimal pl-6 ${className}`}>
    {stop.doNow.map((step) => (
      <li key={step}>{step}</li>
    ))}
    {stop.call && <li className="font-bold">{stop.call}</li>}
  </ol>
);
