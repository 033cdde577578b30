import { describe, expect, it } from 'vitest';
import { brokenBy } from '../scripts/words/rules';
import { stringsOfCode, stringsOfComponent } from '../scripts/words/visibleStrings';
import { visibleStrings } from '../scripts/words/walk';

const broken = (text: string) =>
  brokenBy({ line: 1, text, isTemplate: false, hasCondition: false }).map(({ better }) => better);

describe('every visible string', () => {
  it('keeps the rules of how it is worded: npm run words -- open lists those that do not', () => {
    const all = visibleStrings(process.cwd());
    expect(all.length).toBeGreaterThan(3000);
    const open = all.flatMap((string) =>
      brokenBy(string).map(
        ({ better }) => `${string.path}:${string.line}: ${string.text} → ${better}`,
      ),
    );
    expect(open).toEqual([]);
  });
});

describe('a rule', () => {
  it.each([
    'Take it in',
    'Leave it',
    'Put away',
    'It is given up.',
    'Press it anew.',
    'Damp index',
    'A trial of QL-001',
    'Free water 2.4%',
    'Pieces kept back',
    'New sale unit',
    'The drying loft is full.',
    'Fill the jug.',
    'Fats, from memory',
    'A model of ours',
    'Could not open the file.',
    'Humidity 45 %',
    'Set it to 22 °C.',
    'Use 5 to 8 g.',
    ', and 3 more',
    'Weigh {massG.toFixed(1)} g',
    '{count} batchs of {name.toLowerCase()}',
    '{count} batch{s}s',
  ])('finds “%s”', (text) => expect(broken(text)).not.toEqual([]));

  it.each([
    'Undo',
    'Loose water 2.4%',
    'Orrin Quay Fizz Loft',
    'Type a number from 5 to 100%.',
    'The water cools all of the skin at once in a tub.',
    '5–8 g at 45%',
    'Couldn’t open the file.',
  ])('lets “%s” be', (text) => expect(broken(text)).toEqual([]));

  it('counts the words of each sentence: 20 and no more', () => {
    const words = (count: number) => `${Array.from({ length: count }, () => 'word').join(' ')}.`;
    expect(broken(words(20))).toEqual([]);
    expect(broken(`${words(20)} ${words(20)}`)).toEqual([]);
    expect(broken(words(21))).toEqual(['two sentences']);
  });

  it('sees words that a condition chooses inside a sentence', () => {
    const [inCode] = stringsOfCode("const x = `It is ${dry ? 'dry' : 'wet'} today.`;");
    expect(inCode && brokenBy(inCode)).toHaveLength(1);
    const [inTemplate] = stringsOfComponent(
      "<template><p>It is {{ dry ? 'dry' : 'wet' }} today.</p></template>",
    );
    expect(inTemplate && brokenBy(inTemplate)).toHaveLength(1);
    const whole = stringsOfCode("const x = dry ? 'It is dry.' : 'It is wet.';");
    expect(whole.map(({ text }) => text)).toEqual(['It is dry.', 'It is wet.']);
    expect(whole.flatMap(brokenBy)).toEqual([]);
  });

  it('reads a single word where a table or a choice shows it', () => {
    const texts = (code: string) => stringsOfCode(code).map(({ text }) => text);
    expect(texts("const GRADE_WORDS = { good: 'whole', sampler: 'minis' };")).toEqual([
      'whole',
      'minis',
    ]);
    expect(texts("const VIEWS = [{ value: 'all', title: 'everything' }];")).toEqual(['everything']);
    expect(texts("const kinds = { one: 'two' };")).toEqual([]);
  });

  it('reads templates, attributes and code, and no names, keys or errors for callers', () => {
    const found = stringsOfComponent(`<script setup lang="ts">
      if (kind === 'tub test') throw new RangeError('a mass is over 0');
      const said = kind ? \`Press it again, \${name}.\` : '';
      </script>
      <template><v-btn class="two words" aria-label="Close it" :title="'Shut this'">Add {{ name }} now</v-btn></template>`);
    expect(found.map(({ text }) => text)).toEqual([
      'Press it again, {name}.',
      'Close it',
      'Shut this',
      'Add {name} now',
    ]);
  });
});
