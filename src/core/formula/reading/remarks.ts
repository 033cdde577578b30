/** Words that begin a sentence of the method, and no ingredient. */
const VERBS =
  'mix|stir|combine|blend|whisk|sift|sieve|press|pack|fill|let|leave|allow|dry|wait|rest|store|keep|wrap|unmold|turn|spread|squeeze|test|weigh|measure|repeat|melt|warm|heat|bloom|fold|pour|mold|shape|tap|open|set|place|put|use|wear|work|do|don.t|never|always|make sure|be careful|if|when|once|then|after|before|until|this|these|it|they|you|i|we|my|our|note|tip|nb|optional step|step \\d+|enjoy|drop|cut|scrape|label|air|cover|soak|ice|paint|drizzle|knead|crumble|freeze|package|seal';
const INSTRUCTION = new RegExp(`^(?:${VERBS})\\b`, 'i');
/** A verb in front of an amount: `add 2 tsp almond oil`. */
const LEADING = new RegExp(
  `^(?:(?:and |then |also |next |finally |now )*(?:add|use|take|stir in|mix in|fold in|pour in|spritz(?: in| with| on)?|spray(?: in| with| on)?|sprinkle(?: in| on)?|drizzle in|work in|dust with|plus|needs?)(?: in)?)\\s+(?=(?:about\\s+|up to\\s+|another\\s+)?(?:\\d|an?\\s|half|one|two|three|four|five|six|[½¼¾⅓⅔⅛]))(?:another\\s+|up to\\s+)?`,
  'i',
);
const SPRAYING = /^(?:.{0,12}\b)?(?:spritz|spray|mist)\b/i;

/** Is this a sentence of the method, or any other remark, rather than an ingredient? */
export function isInstruction(text: string): boolean {
  return INSTRUCTION.test(text);
}

/** The line without the verb in front of its amount, and whether that verb sprays. */
export function withoutVerb(text: string): { readonly text: string; readonly isSprayed: boolean } {
  const found = LEADING.exec(text)?.[0] ?? '';
  return { text: text.slice(found.length), isSprayed: found !== '' && SPRAYING.test(found) };
}

/** A piece of a line behind a comma that only remarks: it begins with a word that no name begins with. */
const REMARK_PIECE =
  /^(?:for|to|or|until|about|if|as|plus|use|from|my|more|less|adjust|at|by|in|on|with|after|before|when|so|roughly|any|your|see|ca|because|but|just|not|very|i|we|it|they|this|that|which|hold|keep|save|reserve|set aside|leave|sift|sieve|mix|melt|add|stir|rub|grind|crush|divided|optional|sifted|sieved|softened|melted|packed|level|heaped|finely|freshly|coarsely|ground|crushed|dried|room temperature|warm|hot|cold|weighed|ideally|preferably|depending|total|each|a (?:spoon|little|bit|few|gram|tablespoon|teaspoon|drop|pinch)|and (?:a|the|some|more|mix|then|stir))\b/i;
/** The same without a comma. */
const REMARK_TAIL =
  /\s+(?:for (?!every|each)|to (?:help|make|bind|taste|color|colour|dust|start|taste|finish|decorate|cover)|until\b|so (?:that|it)\b|if (?:you|it|needed|wanted|too)|because\b|as (?:needed|required|wanted|you)|or (?:so|more|less|to taste|as)|plus (?:extra|more|a (?:little|bit|few))|depending\b|instead of\b|in place of\b|when\b|\(|–|—|which\b).*$/i;

/** The names a line may have once its remarks are taken off, longest first. */
export function namesWithin(name: string): readonly string[] {
  const names = [name];
  const pieces = name.split(/\s*[,;]\s*/);
  while (pieces.length > 1 && REMARK_PIECE.test(pieces.at(-1) ?? '')) {
    pieces.pop();
    names.push(pieces.join(', '));
  }
  for (const one of [...names]) {
    const cut = one.replace(REMARK_TAIL, '');
    if (cut !== one && cut.trim() !== '') names.push(cut.trim());
  }
  return [...new Set(names)];
}

/** Amounts that say nothing. */
const VAGUE =
  /^(?:(?:a|an|one|some|the)\s+)?(?:good |big |small |little |tiny |generous )?(splash(?:es)?|glug|scoops?|handfuls?|bit|sprinkl(?:e|ing)|drizzle|dollop|knob|dab|touch|dusting|shake|swirl|spoonfuls?|blobs?|drop or two|lump)\s*(?:of\s+)?(?=\w)/i;
const SOME = /^(some|a little|enough|any amount of)\s+(?=\w)/i;

/** `a splash of witch hazel`: which words say how much, and of what. */
export function readVague(text: string): { readonly amount: string; readonly name: string } | null {
  const counted =
    /^(?:\d+(?:[./]\d+)?|[½¼¾]|half an?|one|two|three|four|five|a couple of|a few|an?)\s+(?:small |big |large |heaped |level |full )?(splash(?:es)?|scoops?|handfuls?|glugs?|dollops?|blobs?|spoonfuls?|vials?|packets?|packs?|sachets?|bags?|boxe?s?|jars?|bottles?|tubs?|capfuls?|caps?|sticks?|sprigs?)\b\s+(?:of\s+)?/i.exec(
      text,
    );
  const found = counted ?? VAGUE.exec(text) ?? SOME.exec(text);
  if (!found) return null;
  return {
    amount: found[0].replace(/\s+of\s*$/i, '').trim(),
    name: text.slice(found[0].length).trim(),
  };
}

/** `Baking soda 500`, `500 baking soda`: a number that nobody gave a unit. */
export function readUnitless(
  text: string,
): { readonly figure: string; readonly name: string } | null {
  const first = /^(\d+(?:[.,]\d+)?)\s+(?!%|\/|-)(\D.*)$/.exec(text);
  if (first) return { figure: first[1] ?? '', name: first[2] ?? '' };
  const last = /^(\D[^\d]*?)[\s:=,–-]+(\d+(?:[.,]\d+)?)$/.exec(text);
  return last ? { figure: last[2] ?? '', name: (last[1] ?? '').trim() } : null;
}
