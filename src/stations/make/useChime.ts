import { onScopeDispose } from 'vue';

const TONES_HZ = [660, 880] as const;
const TONE_S = 0.28;

/** Two rising tones, made here: no file, and silence where the browser has no sound. */
export function useChime(): () => void {
  let context: AudioContext | null = null;
  onScopeDispose(() => void context?.close().catch(() => undefined));
  return () => {
    try {
      context ??= new AudioContext();
      TONES_HZ.forEach((frequency, i) => {
        if (!context) return;
        const tone = new OscillatorNode(context, { frequency });
        const loudness = new GainNode(context, { gain: 0.2 });
        tone.connect(loudness).connect(context.destination);
        const start = context.currentTime + i * TONE_S;
        tone.start(start);
        tone.stop(start + TONE_S);
      });
    } catch {
      // A bench without sound still shows the time.
    }
  };
}
