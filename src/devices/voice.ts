/** Voices that speak on this device itself: nothing that is read aloud leaves it. */
function ownVoices(): readonly SpeechSynthesisVoice[] {
  if (typeof speechSynthesis === 'undefined') return [];
  return speechSynthesis
    .getVoices()
    .filter(({ localService, lang }) => localService && /^en\b/i.test(lang));
}

/** Is there a voice here? Some browsers know only a moment after they were asked. */
export function hasVoice(): boolean {
  return ownVoices().length > 0;
}

/** @param volume 0 to 1 @returns false where this device has no voice of its own */
export function speak(text: string, volume: number): boolean {
  const [voice] = ownVoices();
  if (!voice) return false;
  const said = new SpeechSynthesisUtterance(text);
  said.voice = voice;
  said.lang = voice.lang;
  said.volume = volume;
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
  return true;
}

export function hush(): void {
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
}

/** Abbreviations as a person reads them. @example spoken('412 g of 520 g') // '412 grams of 520 grams' */
export function spoken(text: string): string {
  return text
    .replace(/(\d)\s*g\b/g, '$1 grams')
    .replace(/(\d)\s*mL\b/g, '$1 milliliters')
    .replace(/(\d)\s*oz\b/g, '$1 ounces')
    .replace(/(\d)\s*min\b/g, '$1 minutes')
    .replace(/°C/g, ' degrees Celsius')
    .replace(/°F/g, ' degrees Fahrenheit')
    .replace(/–/g, ' to ');
}
