import { computed, ref, type ComputedRef } from 'vue';
import { useAlmanacStore } from '@/stores/almanac';
import type { Geometry } from './mapGeometry';

/** A smaller area is a press on a mark. */
const LEAST_PX = 6;

interface Point {
  readonly x: number;
  readonly y: number;
}
const pointOf = (event: PointerEvent): Point => ({ x: event.offsetX, y: event.offsetY });

/** An area drawn over the map: it asks the log for the batches in it, and shows what the log is asked for. */
export function useMapBrush(geometry: ComputedRef<Geometry>) {
  const almanac = useAlmanacStore();
  const drawn = ref<{ readonly from: Point; to: Point } | null>(null);

  const box = computed(() => {
    const of = drawn.value;
    const { humidity, damp } = almanac.filter;
    const { x, y } = geometry.value;
    if (of)
      return {
        x: Math.min(of.from.x, of.to.x),
        y: Math.min(of.from.y, of.to.y),
        width: Math.abs(of.from.x - of.to.x),
        height: Math.abs(of.from.y - of.to.y),
      };
    if (!humidity || !damp) return null;
    return {
      x: x(humidity.low),
      y: y(damp.high),
      width: x(humidity.high) - x(humidity.low),
      height: y(damp.low) - y(damp.high),
    };
  });

  function onDown(event: PointerEvent): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drawn.value = { from: pointOf(event), to: pointOf(event) };
  }

  function onMove(event: PointerEvent): void {
    if (drawn.value) drawn.value.to = pointOf(event);
  }

  /** @returns false where nothing was drawn but a press */
  function onUp(): boolean {
    const area = drawn.value && box.value;
    drawn.value = null;
    if (!area) return true;
    if (area.width < LEAST_PX && area.height < LEAST_PX) return false;
    const { x, y } = geometry.value;
    almanac.ask({
      humidity: { low: x.invert(area.x), high: x.invert(area.x + area.width) },
      damp: { low: y.invert(area.y + area.height), high: y.invert(area.y) },
    });
    return true;
  }

  return {
    box,
    isDrawing: computed(() => drawn.value !== null),
    onDown,
    onMove,
    onUp,
    drop: () => (drawn.value = null),
  };
}
