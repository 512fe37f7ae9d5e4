import { saySureness, type Decision } from '@phylaxon/core/diagnosis/decision';

/** The likeliest causes, each with its chance as a figure and as a bar. */
export function Causes({ causes }: { causes: Decision['causes'] }) {
  return (
    <ol className="space-y-2">
      {causes.map(({ id, name, probability }, i) => (
        <li key={id} className="grid grid-cols-[3.5rem_1fr] items-baseline gap-x-3">
          <span className={i === 0 ? 'figures text-lg font-semibold' : 'figures'}>
            {saySureness(probability)}
          </span>
          <span>
            <span className={i === 0 ? 'font-semibold' : undefined}>{name}</span>
            <span aria-hidden="true" className="mt-1 block h-1.5 bg-rule">
              <span className="block h-full bg-ink" style={{ width: `${probability * 100}%` }} />
            </span>
          </span>
        </li>
      ))}
    </ol>
  );
}
