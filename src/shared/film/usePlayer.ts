import { useDocumentVisibility, useRafFn } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';

export const SPEEDS = [1, 2, 4, 8, 15, 30] as const;
export type Speed = (typeof SPEEDS)[number];
const USUAL_SPEED: Speed = 8;

/** Frames that come slower than this on average are too slow, ms; judged over so many. Rovack estimates. */
const SLOW_MS = 30;
const JUDGED_FRAMES = 45;
/** A frame that took longer than this was a pause of the browser. */
const PAUSE_MS = 400;

/** Words and figures follow so many times a second at most: nobody reads faster. */
const SAID_A_SECOND = 4;

/**
 * Plays a film of so many seconds; it stops by itself at its end and when the page is hidden.
 * @param isReady while it is being computed a device is not judged
 */
export function usePlayer(endS: Readonly<Ref<number>>, isReady: () => boolean = () => true) {
  const seconds = ref(0);
  const isPlaying = ref(false);
  const speed = ref<Speed>(USUAL_SPEED);
  const wasHidden = ref(false);
  const isSlow = ref(false);
  let frames = 0;
  let framesMs = 0;

  const { pause, resume } = useRafFn(
    ({ delta }) => {
      if (delta > PAUSE_MS) return;
      judge(delta);
      seconds.value = Math.min(endS.value, seconds.value + (delta / 1000) * speed.value);
      if (seconds.value >= endS.value) stop();
    },
    { immediate: false },
  );

  function judge(frameMs: number): void {
    if (!isReady()) return;
    frames++;
    framesMs += frameMs;
    if (frames < JUDGED_FRAMES) return;
    if (framesMs / frames > SLOW_MS) isSlow.value = true;
    [frames, framesMs] = [0, 0];
  }

  function play(): void {
    if (seconds.value >= endS.value) seconds.value = 0;
    wasHidden.value = false;
    isPlaying.value = true;
    [frames, framesMs] = [0, 0];
    resume();
  }

  function stop(): void {
    isPlaying.value = false;
    pause();
  }

  const toggle = () => (isPlaying.value ? stop() : play());
  function seek(to: number): void {
    seconds.value = Math.min(endS.value, Math.max(0, to));
  }

  const visibility = useDocumentVisibility();
  watch(visibility, (now) => {
    if (now !== 'hidden' || !isPlaying.value) return;
    stop();
    wasHidden.value = true;
  });
  watch(endS, (end) => {
    if (seconds.value > end) seconds.value = end;
  });
  const saidS = computed(() => {
    const step = isPlaying.value ? Math.max(1, speed.value / SAID_A_SECOND) : 1;
    return seconds.value >= endS.value ? endS.value : Math.floor(seconds.value / step) * step;
  });
  return { seconds, saidS, isPlaying, speed, wasHidden, isSlow, play, stop, toggle, seek };
}
