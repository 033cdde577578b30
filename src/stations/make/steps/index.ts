import type { Component } from 'vue';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import CountStep from './CountStep.vue';
import DoStep from './DoStep.vue';
import MixStep from './MixStep.vue';
import PressStep from './PressStep.vue';
import RoomStep from './RoomStep.vue';
import SplitStep from './SplitStep.vue';
import SprayStep from './SprayStep.vue';
import SqueezeStep from './SqueezeStep.vue';
import WeighStep from './WeighStep.vue';

/** The screen of each kind of step: a kind more is a line here, and the compiler asks for it. */
export const STEPS: Readonly<Record<BenchStep['kind'], Component>> = {
  room: RoomStep,
  weigh: WeighStep,
  do: DoStep,
  mix: MixStep,
  squeeze: SqueezeStep,
  spray: SprayStep,
  split: SplitStep,
  press: PressStep,
  count: CountStep,
  // Not at the bench any more: Dry asks for it.
  later: DoStep,
};
