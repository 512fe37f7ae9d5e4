import { useEffect, useRef } from 'react';

/** The wheel looks closer at where the pointer is; it would scroll the page otherwise. */
export function useWheel(
  frame: React.RefObject<HTMLDivElement | null>,
  onTurn: (factor: number, x: number) => void,
) {
  const turn = useRef(onTurn);
  useEffect(() => {
    turn.current = onTurn;
  });
  useEffect(() => {
    const element = frame.current!;
    const onWheel = (event: WheelEvent) => {
      if (event.deltaY === 0) return;
      event.preventDefault();
      turn.current(event.deltaY > 0 ? 1.25 : 0.8, event.clientX - element.getBoundingClientRect().left);
    };
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, [frame]);
}

/** A drag tells how far it went since the last move. */
export function usePan(onPan: (pixels: number) => void) {
  const last = useRef<number | null>(null);
  return {
    onPointerDown: (event: React.PointerEvent<HTMLDivElement>) => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      last.current = event.clientX;
    },
    onPointerMove: (event: React.PointerEvent<HTMLDivElement>) => {
      if (last.current === null || event.clientX === last.current) return;
      const pixels = event.clientX - last.current;
      last.current = event.clientX;
      onPan(pixels);
    },
    onPointerUp: () => (last.current = null),
    onPointerCancel: () => (last.current = null),
  };
}
