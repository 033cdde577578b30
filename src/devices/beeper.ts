import type { Beep } from './pourBeep';

/** Plays beeps while they are asked for. */
export interface Beeper {
  /** @returns false where this device refuses sound */
  start: () => Promise<boolean>;
  stop: () => void;
}

const ATTACK_S = 0.012;
const REST_MS = 120;

/**
 * A soft tone of the browser itself, at most one at a time.
 * @param now the beep of this moment; null for silence
 * @param volume 0 to 1
 */
export function createBeeper(now: () => Beep | null, volume: () => number): Beeper {
  let context: AudioContext | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function play({ hz, lengthMs }: Beep): void {
    if (!context) return;
    const at = context.currentTime;
    const tone = context.createOscillator();
    const gain = context.createGain();
    tone.type = 'triangle';
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(volume() * 0.4, at + ATTACK_S);
    gain.gain.linearRampToValueAtTime(0, at + lengthMs / 1000);
    tone.connect(gain).connect(context.destination);
    tone.start(at);
    tone.stop(at + lengthMs / 1000 + ATTACK_S);
  }

  function tick(): void {
    const beep = now();
    if (beep && volume() > 0) play(beep);
    timer = setTimeout(tick, beep?.everyMs ?? REST_MS);
  }

  async function start(): Promise<boolean> {
    stop();
    try {
      context = new AudioContext();
      await context.resume();
    } catch {
      return false;
    }
    tick();
    return context.state === 'running';
  }

  function stop(): void {
    clearTimeout(timer);
    void context?.close().catch(() => undefined);
    context = null;
  }

  return { start, stop };
}
