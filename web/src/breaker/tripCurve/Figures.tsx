export interface BigFigure {
  what: string;
  figure: string;
  beside?: string;
}

/** Figures side by side, large, each with what it is. */
export function Figures({ figures }: { figures: readonly BigFigure[] }) {
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-3">
      {figures.map(({ what, figure, beside }) => (
        <div key={what}>
          <dt className="text-sm text-ink-soft">{what}</dt>
          <dd>
            <span className="figures text-xl font-semibold">{figure}</span>
            {beside && <span className="ml-2 text-sm text-ink-soft">{beside}</span>}
          </dd>
        </div>
      ))}
    </dl>
  );
}
