import { computed, onScopeDispose, readonly, ref, shallowRef, watch } from 'vue';
import type { WeighedBy } from '@/core/batches/records/kinds';
import { simulatedScale } from '@/devices/simulatedScale';
import type { ScaleReading, ScaleSource, ScaleState } from '@/devices/scale';
import { useDevicesStore } from '@/stores/devices';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import { useWorkshopStore } from '@/stores/workshop';

/** A bench scale creeps a little until it is tared: steps a minute. */
const DRIFT_STEPS = 0.2;

/**
 * The scale for one weighing, whichever the workshop uses: the shipped one with a tared, empty vessel on it, or the
 * one on the cable. Closed again with the step. When weights are typed there is no reading.
 */
export function useScale(stepG: number) {
  const workshop = useWorkshopStore();
  const devices = useDevicesStore();
  const source = scaleFor(workshop.settings, workshop.isOfSample(workshop.batchInHand));
  const reading = shallowRef<ScaleReading>({ massG: 0, isSteady: true, sequence: 0 });
  const state = ref<ScaleState>('ready');
  const unread = ref('');
  const capacityG = workshop.tools.flatMap((tool) =>
    tool.kind === 'scale' && tool.stepG === stepG ? [tool.capacityG] : [],
  )[0];
  const simulated =
    source === 'simulated'
      ? simulatedScale({ stepG, driftSteps: DRIFT_STEPS, ...(capacityG && { capacityG }) })
      : null;
  let stopListening = () => {};

  function listenTo(scale: ScaleSource | null): void {
    stopListening();
    if (!scale) state.value = 'unplugged';
    stopListening =
      scale?.listen({
        reading: (next) => {
          reading.value = next;
          unread.value = '';
        },
        state: (next) => {
          state.value = next;
        },
        unread: (line) => {
          unread.value = line;
        },
      }) ?? (() => {});
  }

  /** A port that is opened again after a reload comes later than the step. */
  const scale = () => simulated ?? (source === 'serial' ? (devices.device?.scale ?? null) : null);
  if (source !== 'typed')
    watch(
      () => devices.device,
      () => listenTo(scale()),
      { immediate: true },
    );
  onScopeDispose(() => {
    stopListening();
    simulated?.close();
  });

  const by: WeighedBy =
    source === 'serial' ? 'serial-scale' : source === 'simulated' ? 'simulated-scale' : 'typed';
  return {
    source,
    by,
    reading: readonly(reading),
    state: readonly(state),
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
