import { computed } from 'vue';
import { expect, it } from 'vitest';
import { drawnShop } from '../../../../tests/fixtures/drawnShop';
import { useAlmanacStore } from '@/stores/almanac';
import { geometryOf } from './mapGeometry';
import { useMapBrush } from './useMapBrush';

function brush() {
  drawnShop();
  const geometry = geometryOf(800, 440, []);
  const used = useMapBrush(computed(() => geometry));
  const target = { setPointerCapture: () => {} };
  const at = (offsetX: number, offsetY: number) =>
    ({ offsetX, offsetY, pointerId: 1, currentTarget: target }) as unknown as PointerEvent;
  return { ...used, geometry, almanac: useAlmanacStore(), at };
}

it('an area drawn either way asks the log for its humidities and its moistures', () => {
  const { almanac, at, box, geometry, isDrawing, onDown, onMove, onUp } = brush();
  const [left, right] = [geometry.x(40), geometry.x(52)];
  const [top, bottom] = [geometry.y(16), geometry.y(9)];
  for (const [from, to] of [
    [at(left, top), at(right, bottom)],
    [at(right, bottom), at(left, top)],
  ] as const) {
    onDown(from);
    expect(isDrawing.value).toBe(true);
    onMove(to);
    expect(onUp()).toBe(true);
    expect(isDrawing.value).toBe(false);
    expect(almanac.filter.humidity?.low).toBeCloseTo(40, 6);
    expect(almanac.filter.humidity?.high).toBeCloseTo(52, 6);
    expect(almanac.filter.damp?.low).toBeCloseTo(9, 6);
    expect(almanac.filter.damp?.high).toBeCloseTo(16, 6);
    // What the log is asked for stays on the map.
    expect(box.value?.x).toBeCloseTo(left, 6);
    expect(box.value?.y).toBeCloseTo(top, 6);
    expect(box.value?.width).toBeCloseTo(right - left, 6);
    expect(box.value?.height).toBeCloseTo(bottom - top, 6);
  }
});

it('five pixels are a press, and six an area; a move without a press is neither', () => {
  const { almanac, at, box, onDown, onMove, onUp } = brush();
  onMove(at(300, 200));
  expect([onUp(), box.value]).toEqual([true, null]);
  onDown(at(300, 200));
  onMove(at(305, 205));
  expect(onUp()).toBe(false);
  expect(almanac.filter.humidity).toBeNull();
  onDown(at(300, 200));
  onMove(at(306, 200));
  expect(onUp()).toBe(true);
  expect(almanac.filter.humidity).not.toBeNull();
});

it('an area that is given up asks nothing', () => {
  const { almanac, at, drop, isDrawing, onDown, onMove, onUp } = brush();
  onDown(at(100, 100));
  onMove(at(400, 300));
  drop();
  expect(isDrawing.value).toBe(false);
  expect(onUp()).toBe(true);
  expect(almanac.filter.humidity).toBeNull();
});
