import { useRef, type TouchEvent } from 'react';
import { MAX_ZOOM } from './ZoomButtons';

/** Two fingers that part make the picture larger, two that close make it smaller: handlers for what holds it. */
export function usePinch(zoom: number, onZoom: (zoom: number) => void) {
  const began = useRef<{ readonly apart: number; readonly zoom: number } | null>(null);
  return {
    onTouchStart: ({ touches }: TouchEvent) => {
      began.current = touches.length === 2 ? { apart: distanceOf(touches), zoom } : null;
    },
    onTouchMove: ({ touches }: TouchEvent) => {
      if (began.current === null || touches.length !== 2) return;
      const wanted = (began.current.zoom * distanceOf(touches)) / began.current.apart;
      onZoom(Math.min(MAX_ZOOM, Math.max(1, wanted)));
    },
    onTouchEnd: () => {
      began.current = null;
    },
  };
}

function distanceOf(touches: TouchEvent['touches']): number {
  const [one, other] = [touches[0], touches[1]];
  return one === undefined || other === undefined
    ? 1
    : Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
}
