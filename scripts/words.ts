import { fileURLToPath } from 'node:url';
import { brokenBy } from './words/rules';
import { visibleStrings } from './words/walk';

// npm run words [-- open]: every visible string with its place; with “open”, those that break a rule of how it is worded.
const onlyOpen = process.argv[2] === 'open';
let open = 0;
let path = '';
const all = visibleStrings(fileURLToPath(new URL('..', import.meta.url)));
for (const string of all) {
  const broken = brokenBy(string);
  open += broken.length > 0 ? 1 : 0;
  if (onlyOpen && broken.length === 0) continue;
  if (string.path !== path) {
    path = string.path;
    process.stdout.write(`\n${path}\n`);
  }
  process.stdout.write(`  ${string.line}: ${string.text}\n`);
  for (const { name, better } of broken) process.stdout.write(`      ${name} → ${better}\n`);
}
process.stdout.write(`\n${all.length} visible strings, ${open} open\n`);
process.exitCode = open > 0 ? 1 : 0;
