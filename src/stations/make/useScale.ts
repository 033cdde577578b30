import { computed, readonly, ref, shallowRef } from 'vue';
import type { WeighedBy } from '@/core/batches/records/kinds';
import { simulatedScale } from '@/devices/simulatedScale';
import type { ScaleReading } from '@/devices/scale';
import { useListenedScale } from '@/shared/useListenedScale';
import { useWorkshopStore } from '@/stores/workshop';

/** A bench scale creeps a little until it is tared: steps a minute. */
const DRIFT_STEPS = 0.2;

const BY: Readonly<Record<string, WeighedBy>> = {
  serial: 'serial-scale',
  simulated: 'simulated-scale',
};

/**
 * The scale for one weighing, whichever the workshop uses: the simulated one with a tared, empty vessel on it, or the one
 * on the cable. When weights are typed there is no reading.
 */
export function useScale(stepG: number) {
  const workshop = useWorkshopStore();
  const reading = shallowRef<ScaleReading>({ massG: 0, isSteady: true, sequence: 0 });
  const unread = ref('');
  const capacityG = workshop.tools.flatMap((tool) =>
    tool.kind === 'scale' && tool.stepG === stepG ? [tool.capacityG] : [],
  )[0];
  const { source, simulated, scale, state } = useListenedScale(
    workshop.batchInHand,
    () => simulatedScale({ stepG, driftSteps: DRIFT_STEPS, ...(capacityG && { capacityG }) }),
    {
      reading: (next) => {
        reading.value = next;
        unread.value = '';
      },
      unread: (line) => (unread.value = line),
    },
  );
  return {
    source,
    by: BY[source] ?? 'typed',
    reading: readonly(reading),
    state,
    unread: readonly(unread),
    isLive: computed(() => source !== 'typed'),
    isSimulated: source === 'simulated',
    pour: (targetG: number) => simulated?.startPouring(targetG),
    stopPouring: () => simulated?.stopPouring(),
    takeOut: (massG: number) => simulated?.takeOut(massG),
    tare: () => scale()?.tare(),
    togglePlug: () => (state.value === 'unplugged' ? simulated?.plugIn() : simulated?.unplug()),
  };
}
