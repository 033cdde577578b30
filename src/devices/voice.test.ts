import { afterEach, describe, expect, it, vi } from 'vitest';
import { hasVoice, hush, speak, spoken } from './voice';

afterEach(() => vi.unstubAllGlobals());

function device(voices: readonly { lang: string; localService: boolean }[]) {
  const said: { text: string; volume: number; lang: string }[] = [];
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => voices,
    cancel: () => undefined,
    speak: (one: (typeof said)[number]) => said.push(one),
  });
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      volume = 1;
      lang = '';
      constructor(readonly text: string) {}
    },
  );
  return said;
}

describe('the voice of a device', () => {
  it('is only one that speaks on the device itself, in English', () => {
    const far = { lang: 'en-US', localService: false };
    const german = { lang: 'de-DE', localService: true };
    const own = { lang: 'en-GB', localService: true };
    expect(device([far, german])).toEqual([]);
    expect([hasVoice(), speak('Weigh', 1)]).toEqual([false, false]);
    const said = device([far, german, own]);
    expect(speak('Weigh', 0.4)).toBe(true);
    expect(said).toMatchObject([{ text: 'Weigh', volume: 0.4, lang: 'en-GB' }]);
  });

  it('is none where the browser has none', () => {
    vi.stubGlobal('speechSynthesis', undefined);
    expect([hasVoice(), speak('Weigh', 1)]).toEqual([false, false]);
    expect(hush).not.toThrow();
  });

  it('reads units as a person does', () => {
    expect(spoken('Weigh 412 g (14.5 oz), 3–5 min, 12 mL at 38°C.')).toBe(
      'Weigh 412 grams (14.5 ounces), 3 to 5 minutes, 12 milliliters at 38 degrees Celsius.',
    );
    expect(spoken('Gather the garnet')).toBe('Gather the garnet');
  });
});
