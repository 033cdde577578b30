import { describe, expect, it } from 'vitest';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Finding } from '@/core/results/evaluation/types';
import { bodyFrom } from '../../../tests/fixtures/bodies';
import { button, drawn } from '../../../tests/fixtures/mountInPage';
import FindingsList from './FindingsList.vue';

const found = (recipe: string) => evaluate(bodyFrom(recipe), USUAL_CONDITIONS).findings;
const list = (findings: readonly Finding[]) => drawn(FindingsList, { props: { findings } });
const DRY = '200 g baking soda\n100 g citric acid';

describe('what stands out', () => {
  it('says that there is nothing to mend, and nothing else', () => {
    const shown = list([]);
    expect(shown.text()).toContain('Everything is OK.');
    expect(shown.find('details').exists()).toBe(false);
    expect(shown.findAll('li')).toHaveLength(0);
  });

  it('says how grave each thing is, in words and not by color alone', () => {
    const shown = list(found('200 g baking soda'));
    const first = shown.find('.finding');
    expect(first.find('.severity').text()).toMatch(/^(Stop|Warning|Advice)$/);
    expect(shown.findAll('ul .finding.info')).toHaveLength(
      found('200 g baking soda').filter(({ severity }) => severity === 'info').length,
    );
  });

  it('offers a cure that a scale can weigh, and never one that is too small to cure', async () => {
    for (const finding of found(DRY)) {
      if (!finding.fix) continue;
      const shown = list([finding]);
      const cure = shown.find('button.fix');
      await cure.trigger('click');
      const given = shown.emitted('fix')?.[0]?.[0] as { massG: number; materialId: string };
      expect(given.materialId).toBe(finding.fix.materialId);
      expect(given.massG).toBeGreaterThanOrEqual(finding.fix.massG - 1e-9);
      const step = finding.fix.massG >= 100 ? 1 : 0.1;
      expect(given.massG - finding.fix.massG).toBeLessThan(step + 1e-9);
      expect(given.massG / step).toBeCloseTo(Math.round(given.massG / step), 6);
    }
    expect(found(DRY).some(({ fix }) => fix)).toBe(true);
  });

  it.each([
    [12.34, 12.4],
    [12.3, 12.3],
    [99.91, 100],
    [100.2, 101],
    [130, 130],
  ])('a cure of %f g is weighed as %f g', async (massG, weighed) => {
    const cured = found(DRY).find(({ fix }) => fix);
    if (!cured) throw new Error('a dry mix has a cure');
    const shown = list([{ ...cured, fix: { materialId: 'water', massG } } as Finding]);
    await shown.find('button.fix').trigger('click');
    expect(shown.emitted('fix')?.[0]).toEqual([{ materialId: 'water', massG: weighed }]);
  });

  it('shows what a cure would do while a pointer or the keyboard is on it, and takes it away again', async () => {
    const shown = list(found(DRY).filter(({ fix }) => fix));
    const cure = button(shown, /^Add \d/);
    for (const [on, off] of [
      ['pointerenter', 'pointerleave'],
      ['focus', 'blur'],
    ] as const) {
      await cure.trigger(on);
      expect(shown.emitted('preview')?.at(-1)?.[0]).toMatchObject({ massG: expect.any(Number) });
      await cure.trigger(off);
      expect(shown.emitted('preview')?.at(-1)).toEqual([null]);
    }
  });

  it('leaves three notes open where nothing is to mend, and folds a fourth, or any beside something loud', () => {
    const notes = found(`${DRY}\n20 g cornstarch\n22 g castor oil\n4 g polysorbate 80`).filter(
      ({ severity }) => severity === 'info',
    );
    expect(notes.length).toBeGreaterThan(3);
    const isOpen = (findings: readonly Finding[]) =>
      list(findings).find('details').attributes('open') !== undefined;
    expect(isOpen(notes.slice(0, 3))).toBe(true);
    expect(isOpen(notes.slice(0, 4))).toBe(false);
    expect(isOpen([...found(DRY).filter(({ fix }) => fix), ...notes.slice(0, 1)])).toBe(false);
    expect(list(notes.slice(0, 1)).find('summary').text()).toBe('1 more tip');
    expect(list(notes.slice(0, 2)).find('summary').text()).toBe('2 more tips');
  });

  it('puts notes together by where they are needed, and loses none', () => {
    const notes = found(
      '200 g baking soda\n100 g citric acid\n20 g SLSA\n10 g dried lavender\n10 g cornstarch\n2 g water soluble dye',
    ).filter(({ severity }) => severity === 'info');
    const shown = list(notes);
    expect(shown.findAll('h3').map((one) => one.text())).toEqual([
      'For the label',
      'At the bench',
      'About the formula',
    ]);
    expect(shown.findAll('.notes li')).toHaveLength(notes.length);
    const [label] = shown.findAll('.notes ul');
    expect(label?.text()).toContain('drain');
  });
});
