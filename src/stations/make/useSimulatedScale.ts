import { onScopeDispose, readonly, shallowRef } from 'vue';
import { simulatedScale, type ScaleReading } from '@/devices';

/** The shipped scale for one weighing: a tared, empty vessel on it, closed again with the step. */
export function useSimulatedScale(stepG: number) {
  const scale = simulatedScale(stepG);
  const reading = shallowRef<ScaleReading>({ massG: 0, isSteady: true });
  const stopListening = scale.listen((next) => {
    reading.value = next;
  });
  onScopeDispose(() => {
    stopListening();
    scale.close();
  });
  return {
    reading: readonly(reading),
    pour: scale.startPouring,
    stopPouring: scale.stopPouring,
    takeOut: scale.takeOut,
    tare: scale.tare,
  };
}
