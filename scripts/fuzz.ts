import { FUZZ_KINDS } from './fuzz/kinds';
import { seedRandom } from './lib/random';

// npm run fuzz -- [how many, 10000] [seed]: spoiled files of every kind are read; each must be refused with a sentence or
// taken in whole and right, and none may take over two seconds.
const TOTAL = 10_000;
const MOST_MS = 2000;
const WORST_SHOWN = 10;
const wanted = Number(process.argv[2] ?? TOTAL);
seedRandom(Number(process.argv[3] ?? 1));

let failures = 0;
for (const kind of FUZZ_KINDS) {
  const count = Math.max(1, Math.round((kind.share * wanted) / TOTAL));
  const seen = { refused: 0, partly: 0, taken: 0 };
  let slowestMs = 0;
  for (let i = 0; i < count; i++) {
    const text = kind.mutant(Math.random);
    const began = performance.now();
    try {
      seen[await kind.read(text)] += 1;
    } catch (error) {
      failures += 1;
      if (failures <= WORST_SHOWN)
        process.stdout.write(
          `${kind.name}, mutant ${i}: ${error instanceof Error ? error.message : String(error)}\n${JSON.stringify(text.slice(0, 300))}\n`,
        );
    }
    const ms = performance.now() - began;
    slowestMs = Math.max(slowestMs, ms);
    if (ms > MOST_MS) {
      failures += 1;
      process.stdout.write(`${kind.name}, mutant ${i}: took ${Math.round(ms)} ms\n`);
    }
  }
  process.stdout.write(
    `${kind.name}: ${count} read; ${seen.refused} refused, ${seen.partly} taken in part, ${seen.taken} taken; slowest ${Math.round(slowestMs)} ms\n`,
  );
}
process.stdout.write(failures === 0 ? 'nothing went wrong\n' : `${failures} went wrong\n`);
process.exitCode = failures === 0 ? 0 : 1;
