import { HEAT_STOPS, type HeatScale } from '@phylaxon/core/views/heatColors';
import { useUnits } from '../../shared/ui/index.ts';

export function ScaleBar({ scale }: { scale: HeatScale }) {
  const { temperatureText } = useUnits();
  return (
    <p className="mt-1 flex items-center gap-2 text-sm">
      <span className="figures">{temperatureText(scale.from)}</span>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true" className="h-3 flex-1">
        <defs>
          <linearGradient id="heat-scale">
            {HEAT_STOPS.map((color, i) => (
              <stop key={i} offset={i / (HEAT_STOPS.length - 1)} stopColor={`rgb(${color.join()})`} />
            ))}
          </linearGradient>
        </defs>
        <rect width="100" height="4" fill="url(#heat-scale)" />
      </svg>
      <span className="figures">{temperatureText(scale.to)}</span>
    </p>
  );
}
