import type { HeatPreview } from '@phylaxon/core/record/heatMatrices';
import { heatPixels, heatScale } from '@phylaxon/core/views/heatColors';
import { useCallback } from 'react';

/** A temperature picture made small, with a ring at its hottest. */
export function HeatThumbnail({ preview: { width, height, celsius, hottest } }: { preview: HeatPreview }) {
  const draw = useCallback(
    (canvas: HTMLCanvasElement | null) => {
      const pixels = heatPixels(celsius, heatScale(celsius));
      canvas?.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0);
    },
    [celsius, width, height],
  );
  return (
    <span aria-hidden="true" className="relative block h-16 shrink-0" style={{ aspectRatio: width / height }}>
      <canvas ref={draw} width={width} height={height} className="size-full rounded-xs" />
      <span
        className="absolute size-4 -translate-1/2 rounded-full border-2 border-enamel-text"
        style={{ left: `${100 * hottest.x}%`, top: `${100 * hottest.y}%` }}
      />
    </span>
  );
}
