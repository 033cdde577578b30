import { expect, it } from 'vitest';
import { moldOfShape, shapeOf } from './moldChoices';

it('a mold of another shape keeps the diameter or the volume it had', () => {
  const ball = { shape: 'sphere', diameterMm: 75 } as const;
  expect(moldOfShape('half-sphere', ball)).toEqual({ shape: 'half-sphere', diameterMm: 75 });
  expect(moldOfShape('cylinder', ball)).toEqual({
    shape: 'cylinder',
    diameterMm: 75,
    heightMm: 25,
  });
  const bought = { shape: 'own-volume', volumeMl: 140, figure: 'heart' } as const;
  expect(moldOfShape('own-volume', bought)).toEqual({ shape: 'own-volume', volumeMl: 140 });
  expect(moldOfShape('jar', bought)).toEqual({ ...bought, figure: 'jar' });
});

it('a mold without one begins with the usual measures', () => {
  const box = moldOfShape('box', { shape: 'own-volume', volumeMl: 140 });
  expect(box).toEqual({ shape: 'box', lengthMm: 40, widthMm: 40, heightMm: 40 });
  expect(moldOfShape('sphere', box)).toEqual({ shape: 'sphere', diameterMm: 60 });
  expect(moldOfShape('own-volume', box)).toEqual({ shape: 'own-volume', volumeMl: 100 });
});

it('a figure that only water measures is shown as what it is', () => {
  expect(shapeOf({ shape: 'own-volume', volumeMl: 140, figure: 'heart' })).toBe('heart');
  expect(shapeOf({ shape: 'own-volume', volumeMl: 140 })).toBe('own-volume');
  expect(shapeOf({ shape: 'box', lengthMm: 1, widthMm: 1, heightMm: 1 })).toBe('box');
});
