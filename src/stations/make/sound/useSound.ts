import { useLocalStorage } from '@vueuse/core';
import { onScopeDispose, ref, watch } from 'vue';
import { createBeeper } from '@/devices/beeper';
import type { Beep } from '@/devices/pourBeep';
import { hush, speak, spoken } from '@/devices/voice';

/** Sound of the bench: of this browser, not of the workshop. Off until somebody turns it on. */
interface Sound {
  readonly tone: boolean;
  readonly voice: boolean;
  /** 0 to 1 */
  readonly volume: number;
}
const OFF: Sound = { tone: false, voice: false, volume: 0.6 };

const sound = useLocalStorage<Sound>('rovack-sound', OFF);
/** What this device would not do. */
const problem = ref('');
let lastSaid = '';

export const useSound = () => ({ sound, problem, silence, sayAgain });

function silence(): void {
  sound.value = { ...sound.value, tone: false, voice: false };
  hush();
}

/** Reads a sentence aloud, where the voice is on. */
export function say(text: string): void {
  lastSaid = text;
  if (sound.value.voice) sayAgain();
}

function sayAgain(): void {
  const isSaid = speak(spoken(lastSaid), sound.value.volume);
  problem.value = isSaid
    ? ''
    : 'This device has no English voice. Add one in its settings, or work by eye.';
}

/** A tone for the pouring hand, while the calling step is in view. */
export function usePourTone(beep: () => Beep | null): void {
  const beeper = createBeeper(beep, () => sound.value.volume);
  watch(
    () => sound.value.tone,
    async (isOn) => {
      beeper.stop();
      if (!isOn) return;
      const isHeard = await beeper.start();
      if (!isHeard)
        problem.value =
          'This browser refuses sound. Press a key once, then turn the tone on again.';
    },
    { immediate: true },
  );
  onScopeDispose(beeper.stop);
}
