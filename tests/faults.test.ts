import { describe, expect, it } from 'vitest';
import { faultsOf, faultsOfComponent, withFault } from '../scripts/mutate/faults';

const all = (script: string) => faultsOf(script).map((fault) => withFault(script, fault));

describe('deliberate faults', () => {
  it('move limits, turn comparisons, signs and conditions round', () => {
    expect(all('a < 3')).toEqual(['a <= 3', 'a < 5']);
    expect(all('a + b')).toEqual(['a - b']);
    expect(all('if (a && !b) c();')).toEqual([
      'if (!(a && !b)) c();',
      'if (a || !b) c();',
      'if (a && b) c();',
    ]);
    expect(all('x = 0.15')).toEqual(['x = 0.22499999999999998']);
  });

  it('leave filters and sorts out, and take every for some', () => {
    expect(all('list.filter(f)')).toEqual(['list']);
    expect(all('list.some(f)')).toEqual(['list.every(f)']);
  });

  it('leave texts, types and declarations alone', () => {
    expect(all('const a = "b" + c;')).toEqual([]);
    expect(all('type A = 1 | true;')).toEqual([]);
    expect(all('const isOpen = defineModel<boolean>({ required: true });')).toEqual([]);
  });

  it('of a component are those of its script and of its conditions, each in its place', () => {
    const component =
      '<script setup lang="ts">\nconst most = 2;\n</script>\n<template><p v-if="a" /></template>';
    expect(faultsOfComponent(component).map((fault) => withFault(component, fault))).toEqual([
      component.replace('2', '3'),
      component.replace('"a"', '"!(a)"'),
    ]);
  });
});
