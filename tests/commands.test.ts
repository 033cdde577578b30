import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { runCommand } from '../scripts/lib/command';
import { COMMANDS, type CommandName } from '../scripts/lib/commands';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** The command in this process, its file as it is given. */
function command(name: CommandName, recipe: string, ...options: string[]) {
  const { status, out, error } = runCommand(
    name,
    COMMANDS[name],
    ['recipe.txt', ...options],
    () => recipe,
  );
  return { status, stdout: out, errors: error.split('\n').filter((line) => line !== '') };
}

const evaluate = (recipe: string, ...options: string[]) => command('evaluate', recipe, ...options);

describe('a command as a caller types it', () => {
  it.each(Object.keys(COMMANDS))('%s is a script of the package', (name) => {
    const { scripts } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'));
    expect(scripts[name]).toBe(`node scripts/command.mjs ${name}`);
  });

  it('reads a file of the caller’s folder, answers on standard output, refuses on standard error', () => {
    const folder = mkdtempSync(join(tmpdir(), 'rovack-'));
    const typed = (...args: string[]) => {
      const { status, stdout, stderr } = spawnSync(
        'npm',
        ['--prefix', ROOT, 'run', '--silent', ...args],
        { cwd: folder, encoding: 'utf8' },
      );
      const own = stderr.split('\n').filter((line) => line !== '' && !line.startsWith('npm warn'));
      return { status, stdout, errors: own };
    };
    try {
      writeFileSync(join(folder, 'recipe.txt'), '200 g baking soda\n100 g citric acid\n');
      const answered = typed('evaluate', '--', 'recipe.txt', '--method', 'hand');
      expect(answered).toMatchObject({ status: 0, errors: [] });
      expect(JSON.parse(answered.stdout).lines).toHaveLength(2);
      expect(typed('plan', '--', 'nowhere.json')).toEqual({
        status: 2,
        stdout: '',
        errors: ['nowhere.json could not be read: ENOENT'],
      });
    } finally {
      rmSync(folder, { recursive: true });
    }
  });

  it('names one file, or is told how', () => {
    const { status, error } = runCommand('work', COMMANDS.work, [], () => '');
    expect({ status, error }).toEqual({
      status: 2,
      error: 'Name one recipe file, as in: npm run --silent work -- recipe.txt\n',
    });
    expect(runCommand('work', COMMANDS.work, ['a', 'b'], () => '').status).toBe(2);
  });
});

describe('npm run evaluate', () => {
  it('answers with one JSON object and nothing else', () => {
    const { status, stdout } = evaluate(
      '2 cups baking soda\n1 cup citric acid\n3 tbsp castor oil\nsalt 5 g\n',
      '--method',
      'hand',
      '--humidity-pct',
      '40',
    );
    const answer = JSON.parse(stdout);
    expect(status).toBe(0);
    expect(answer.lines).toHaveLength(3);
    expect(answer.unread).toEqual([
      { line: 4, text: 'salt 5 g', reason: expect.stringMatching(/Which one/) },
    ]);
    expect(answer.binder.windowLowPct).toBeCloseTo(10.4, 9);
    expect(answer.fizz.balanceSodaToAcidByMass).toBeCloseTo(1.312, 3);
  });

  it.each([
    ['prose', 'It was a gray morning on the quay.', []],
    ['an option out of range', '1 g water', ['--humidity-pct', '140']],
    ['an option nobody knows', '1 g water', ['--sparkle', '3']],
    ['a broken file', '{"format":"rovack-workshop","formatVersion":1}', []],
  ])('refuses %s in one line on standard error', (_what, text, options) => {
    const { status, stdout, errors } = evaluate(text, ...options);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(errors).toHaveLength(1);
  });
});

describe('npm run rebalance', () => {
  const DRY = '300 g baking soda\n150 g citric acid\n8 g castor oil\n2 g polysorbate 80';

  it('answers with every line, and what it answers is in every window once it is written out', () => {
    const { status, stdout } = command('rebalance', DRY, '--humidity-pct', '40');
    expect(status).toBe(0);
    const { lines, changed, missed, clash } = JSON.parse(stdout);
    expect({ missed, clash }).toEqual({ missed: [], clash: [] });
    expect(changed).toBeLessThanOrEqual(2);
    const written = lines.map(
      (line: { afterG: number; materialId: string }) => `${line.afterG} g ${line.materialId}`,
    );
    const again = JSON.parse(evaluate(written.join('\n'), '--humidity-pct', '40').stdout);
    expect(again.binder.verdict).toBe('in-window');
    const codes = again.findings.map(({ code }: { code: string }) => code);
    for (const code of ['acid-excess', 'soda-excess-high', 'oil-without-emulsifier'])
      expect(codes).not.toContain(code);
  });

  it('comes to the total and the ratio that are asked for', () => {
    const { stdout } = command('rebalance', DRY, '--total-g', '600', '--ratio', '1.5');
    const { lines } = JSON.parse(stdout) as {
      lines: ReadonlyArray<{ materialId: string; afterG: number }>;
    };
    const gramsOf = (id: string) => lines.find(({ materialId }) => materialId === id)?.afterG ?? 0;
    expect(lines.reduce((sum, { afterG }) => sum + afterG, 0)).toBeCloseTo(600, 6);
    expect(gramsOf('sodium-bicarbonate') / gramsOf('citric-acid')).toBeCloseTo(1.5, 6);
  });

  it('refuses a wish that nobody knows', () => {
    const { status, stdout, errors } = command('rebalance', DRY, '--wish', 'shine');
    expect({ status, stdout, lines: errors.length }).toEqual({ status: 2, stdout: '', lines: 1 });
  });
});

describe('npm run work', () => {
  const STEAMERS =
    '400 g baking soda\n260 g citric acid\n20 g menthol, dissolved in the alcohol\n40 g 99% alcohol\nmakes 8\n';

  it('answers with the steps in the order of the work, and what breaks a rule', () => {
    const { status, stdout } = command('work', STEAMERS, '--school', 'acid-last');
    expect(status).toBe(0);
    const { steps, broken } = JSON.parse(stdout);
    expect(broken).toEqual([]);
    expect(Object.keys(steps[0])).toEqual(
      'op part vessel from materials massG minutes waitMinMin waitMaxMin'.split(' '),
    );
    const ops = steps.map(({ op, vessel }: { op: string; vessel: string }) => `${op} ${vessel}`);
    expect(ops.indexOf('dissolve cup')).toBeLessThan(ops.indexOf('squeeze bowl'));
    const fill = steps.find(({ op }: { op: string }) => op === 'fill');
    expect(fill).toMatchObject({ part: 'main', vessel: 'mold', from: 'bowl', minutes: 8 });
    const alone = JSON.parse(command('work', '400 g baking soda\n20 g menthol\n').stdout);
    expect(alone.broken).toMatchObject([
      { rule: 'crystals-dissolved', step: expect.any(Number), message: expect.any(String) },
      { rule: 'crystals-dissolved' },
    ]);
  });

  it('refuses a school nobody knows, and a page that is no recipe', () => {
    const refused = command('work', STEAMERS, '--school', 'sideways');
    expect(refused).toMatchObject({ status: 2, stdout: '' });
    expect(refused.errors).toHaveLength(1);
    expect(command('work', 'The ferry was late.\n')).toMatchObject({ status: 2, stdout: '' });
  });
});

describe('npm run evaluate, of a page as it is said', () => {
  it('guesses the family, names parts as read, takes the yield, and asks for an unknown heading', () => {
    const { stdout } = evaluate(
      '100 g borax\n100 g washing soda\n20 g citric acid\nBarnacle layer:\n5 g kaolin\nmakes 5\n',
    );
    const answer = JSON.parse(stdout);
    expect(answer).toMatchObject({
      family: 'cleaning-fizzy',
      familyGuessed: true,
      piece: { count: 5 },
    });
    expect(answer.lines.at(-1)).toMatchObject({ part: 'embed', partName: 'Barnacle layer' });
    expect(answer.asked).toMatchObject([{ line: 4, text: 'Barnacle layer' }]);
    const said = JSON.parse(
      evaluate('100 g borax\n20 g citric acid\n', '--family', 'bath-bomb').stdout,
    );
    expect(said).toMatchObject({ family: 'bath-bomb', familyGuessed: false });
  });
});

describe('npm run label', () => {
  const RECIPE =
    '600 g baking soda\n300 g citric acid\n20 g sodium lauryl sulfoacetate\n5 g red 40 dye\n';

  it('answers by market, with the claims in the maker’s words and what is missing', () => {
    const { status, stdout } = command(
      'label',
      RECIPE,
      '--market',
      'us',
      '--net-g',
      '120',
      '--claims',
      'Smells of quince. Kills germs.',
    );
    expect(status).toBe(0);
    const answer = JSON.parse(stdout);
    expect(answer.ingredients.map(({ name }: { name: string }) => name)).toEqual([
      'Sodium Bicarbonate',
      'Citric Acid',
      'Sodium Lauryl Sulfoacetate',
      'Red 40',
    ]);
    expect(answer.netWeight).toMatchObject({ g: 120, text: 'Net wt 4.2 oz (120 g)' });
    expect(answer.cautions[0].code).toBe('foaming-bath');
    expect(answer.claims.map(({ verdict }: { verdict: string }) => verdict)).toEqual([
      'fine',
      'pesticide',
    ]);
    expect(answer.missing.map(({ code }: { code: string }) => code)).toContain('maker');
  });

  it('asks for a market', () => {
    const { status, errors } = command('label', RECIPE, '--market', 'moon');
    expect(status).toBe(2);
    expect(errors).toHaveLength(1);
    expect(errors[0]).toMatch(/market/);
  });
});

describe('npm run evaluate, keeping', () => {
  const BOMB = '600 g baking soda\n300 g citric acid\n';

  it('says how long a piece stays hard in a wrap and a store', () => {
    const keeping = (humidity: string) =>
      JSON.parse(
        evaluate(
          BOMB,
          '--piece-g',
          '150',
          '--wrap',
          'pvc-shrink-19',
          '--store-humidity-pct',
          humidity,
        ).stdout,
      ).keeping;
    expect(keeping('50')).toMatchObject({ days: null, lowDays: null, limitedBy: '' });
    expect(keeping('85').days).toBeGreaterThan(10);
    expect(keeping('85').limitedBy).toMatch(/citric acid/);
  });

  it('wants the wrap and the air together', () => {
    expect(evaluate(BOMB, '--wrap', 'bare')).toMatchObject({
      status: 2,
      errors: [expect.stringMatching(/store-humidity-pct/)],
    });
  });
});

describe('npm run tub', () => {
  const BOMB =
    '600 g baking soda\n300 g citric acid\n0.6 g yellow 5 dye\nEmbed\n60 g baking soda\n40 g citric acid\n0.3 g red 33 dye\n';

  it('is a film from touch to settled whose last color is the tub’s', () => {
    const { status, stdout } = command('tub', BOMB, '--pieces', '8', '--seconds', '5');
    expect(status).toBe(0);
    const { frames, events } = JSON.parse(stdout);
    expect(frames[0]).toMatchObject({ t: 0, gasMl: 0, released: { 'yellow-5-dye': 0 } });
    expect(events.map(({ what }: { what: string }) => what)).toEqual(
      expect.arrayContaining(['touch', 'half', 'embed-opens', 'gone']),
    );
    const said = JSON.parse(evaluate(BOMB, '--pieces', '8').stdout);
    expect(frames.at(-1).colorHex).toBe(said.color.waterHex);
    expect(frames.at(-1).gasMl).toBeCloseTo((1000 * said.fizz.co2L) / 8, 6);
    expect(frames.at(-1).released['red-33-dye']).toBeCloseTo(0.3 / 8, 9);
  });

  it('says why there is no film', () => {
    expect(command('tub', '100 g cornstarch\n')).toMatchObject({
      status: 2,
      errors: [expect.stringMatching(/Nothing fizzes/)],
    });
  });
});

describe('npm run color', () => {
  const BOMB = '600 g baking soda\n300 g citric acid\n';

  it.each([
    ['--tub', 'aadde0', 'waterHex'],
    ['--dry', '#d8a0c0', 'powderHex'],
  ])(
    'answers %s %s with lines that make it when they are written into the recipe',
    (kind, hex, key) => {
      const answer = JSON.parse(
        command('color', BOMB, kind, hex, '--pieces', '7', '--market', 'us,eu').stdout,
      );
      expect(answer.deltaE).toBeLessThan(1);
      expect(answer.lines.length).toBeLessThanOrEqual(3);
      const lines = answer.lines.map(
        ({ massG, name }: { massG: number; name: string }) => `${massG} g ${name}`,
      );
      const said = JSON.parse(evaluate(`${BOMB}${lines.join('\n')}\n`, '--pieces', '7').stdout);
      expect(said.color[key]).toBe(answer.reachedHex);
      expect(said.asked).toEqual([]);
    },
  );

  it('takes only what one has, and refuses what it cannot read', () => {
    const have = command('color', BOMB, '--tub', 'ff0000', '--have', 'gold-mica');
    expect(JSON.parse(have.stdout)).toMatchObject({ lines: [], reachedHex: '#ffffff' });
    for (const [args, problem] of [
      [['--tub', 'red'], /hexadecimal/],
      [[], /--tub or --dry/],
      [['--tub', 'ff0000', '--dry', 'ff0000'], /--tub or --dry/],
      [['--tub', 'ff0000', '--have', 'moon-dust'], /moon-dust/],
      [['--tub', 'ff0000', '--market', 'moon'], /market/],
    ] as const)
      expect(command('color', BOMB, ...args)).toMatchObject({
        status: 2,
        errors: [expect.stringMatching(problem)],
      });
  });
});

describe('npm run plan', () => {
  const PROBLEM = {
    start: '2026-03-02T08:00:00Z',
    people: [{ id: 'a', from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5] }],
    machines: { mixer: 1 },
    trayPlaces: 168,
    jobs: [
      {
        id: 'b1',
        due: '2026-03-03T12:00:00Z',
        weight: 1,
        steps: [
          { id: 'mix', minutes: 40, person: true, machine: 'mixer' },
          { id: 'dry', minutes: 1440, trayPlaces: 24 },
          { id: 'wrap', minutes: 30, person: true },
        ],
      },
    ],
  };

  it('answers with a plan and a bound, or why there is none', () => {
    const { status, stdout } = command('plan', JSON.stringify(PROBLEM), '--seconds', '1');
    expect(status).toBe(0);
    const answer = JSON.parse(stdout);
    expect(answer).toMatchObject({ weightedLateMin: 0, boundWeightedLateMin: 0, provedBest: true });
    expect(answer.steps.map(({ step }: { step: string }) => step)).toEqual(['mix', 'dry', 'wrap']);
    const long = JSON.stringify(PROBLEM).replace('"minutes":40', '"minutes":600');
    expect(command('plan', long)).toMatchObject({
      status: 2,
      stdout: '',
      errors: [expect.stringMatching(/longest working time is 9 h/)],
    });
  });
});
