/** Letters that a unique formula identifier may hold: no B, I, L, O, S, Z. Source: Regulation (EC) 1272/2008, annex VIII; guidance on its form not looked up. */
const UFI = /^[0-9AC-HJKMNP-RT-Y]{4}(?:-[0-9AC-HJKMNP-RT-Y]{4}){3}$/;

/** Sixteen letters in fours, as the poison-center notification gave it; capitals and hyphens are set right. */
export function readUfi(text: string): string | null {
  const plain = text
    .toUpperCase()
    .replace(/^\s*UFI:?/, '')
    .replace(/[^0-9A-Z]/g, '');
  const ufi = (plain.match(/.{1,4}/g) ?? []).join('-');
  return UFI.test(ufi) ? ufi : null;
}
