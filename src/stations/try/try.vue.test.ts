import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { button, choose, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { keptPieces } from '@/core/batches/records/keptBack';
import { standing } from '@/core/batches/records/summary';
import { phaseS } from '@/core/batches/trials/phases';
import { standingIn } from '@/core/batches/trials/write';
import { valueOf } from '@/core/batches/trials/cup-test/cups';
import type { Trial } from '@/core/batches/trials/schema';
import { useTrialsStore } from '@/stores/trials';
import AskCupTest from './AskCupTest.vue';
import RetainedSamples from './RetainedSamples.vue';
import CupTestSet from './CupTestSet.vue';
import StabilityPlans from './StabilityPlans.vue';
import StartTrial from './StartTrial.vue';
import TrialHand from './TrialHand.vue';
import TrialList from './TrialList.vue';
import VerdictPanel from './VerdictPanel.vue';
import WaterColor from './WaterColor.vue';

let shop: ReturnType<typeof drawnShop>;
let trialStore: ReturnType<typeof useTrialsStore>;
beforeEach(() => {
  shop = drawnShop();
  trialStore = useTrialsStore();
});

const problem = () => page().find('.problem[role=alert]').text();
const later = (seconds: number) => vi.setSystemTime(Date.now() + seconds * 1000);

/** A tub test of the newest pressed batch, begun. */
function begun(): Trial {
  const batch = trialStore.madeBatches.find(({ body }) => body.family === 'bath-bomb');
  if (!batch) throw new Error('the sample has a bath bomb made');
  return trialStore.start({
    kind: 'tub',
    batchId: batch.id,
    name: '',
    pieceG: 120,
    isCrumbs: false,
    ageDays: 3,
    water: { volumeL: 150, tempC: 38, alkalinityMgL: 100 },
    flowLMin: null,
    stepG: null,
  } as never);
}
const now = (trial: Trial) => {
  const found = shop.workshop.trials.find(({ id }) => id === trial.id);
  if (!found) throw new Error('the trial is kept');
  return found;
};

describe('a piece in water', () => {
  function watch() {
    const trial = begun();
    const hand = shop.show(TrialHand, { props: { trial } });
    const press = async (words: RegExp) => {
      await button(page(), words).trigger('click');
      await hand.setProps({ trial: now(trial) } as never);
    };
    return { trial, hand, press };
  }

  it('is timed from the water on, each thing as it is seen', async () => {
    const { trial, hand, press } = watch();
    expect(hand.text()).toContain('It should be gone after');
    await press(/^In the water/);
    later(2);
    await press(/^First fizz/);
    later(90);
    await press(/^Floats/);
    later(100);
    await press(/^Half gone/);
    later(150);
    await press(/^Gone/);
    expect(phaseS(now(trial), 'first-fizz')).toBe(2);
    expect(phaseS(now(trial), 'half')).toBe(192);
    expect(phaseS(now(trial), 'gone')).toBe(342);
    expect(hand.text()).toMatch(/Gone after .+, (within|faster than|slower than) the forecast of/);
  });

  it('cannot be gone before it touched the water, and what was pressed can be taken back', async () => {
    const { trial, press } = watch();
    await press(/^Gone/);
    expect(problem().length).toBeGreaterThan(10);
    expect(phaseS(now(trial), 'gone')).toBeNull();
    await press(/^In the water/);
    later(5);
    await press(/^First fizz/);
    await press(/^Undo/);
    expect(phaseS(now(trial), 'first-fizz')).toBeNull();
    expect(phaseS(now(trial), 'touched')).not.toBeNull();
  });

  it.each(['0', '60.1', 'soon', ''])('forgotten, was not gone after “%s” minutes', async (text) => {
    const { trial, hand, press } = watch();
    await press(/^In the water/);
    later(4 * 3600);
    await hand.setProps({ trial: { ...now(trial) } } as never);
    await vi.waitFor(() => expect(hand.text()).toContain('The stopwatch has been running'));
    await field(page(), 'Gone after').setValue(text);
    await hand.find('form.forgotten').trigger('submit');
    expect(problem()).toBe('Type minutes, up to 60.');
    expect(phaseS(now(trial), 'gone')).toBeNull();
  });

  it('forgotten, is said when it was gone', async () => {
    const { trial, hand, press } = watch();
    await press(/^In the water/);
    later(4 * 3600);
    await vi.waitFor(() => expect(hand.text()).toContain('The stopwatch has been running'));
    await field(page(), 'Gone after').setValue('4.5');
    await hand.find('form.forgotten').trigger('submit');
    expect(phaseS(now(trial), 'gone')).toBe(270);
  });
});

describe('the verdict', () => {
  const panel = () => {
    const trial = begun();
    return { trial, shown: shop.show(VerdictPanel, { props: { trial } }) };
  };

  it('to sell it ends the trial at once', async () => {
    const { trial, shown } = panel();
    await button(shown, 'Sell it').trigger('click');
    expect(standingIn(now(trial), 'verdict').at(-1)).toMatchObject({ verdict: 'sell', whys: [] });
    expect(now(trial).finishedAt).not.toBeNull();
  });

  it('against it asks why, and keeps the words', async () => {
    const { trial, shown } = panel();
    await button(shown, 'Change it').trigger('click');
    expect(now(trial).finishedAt).toBeNull();
    for (const why of ['weak fizz', 'sinks', 'weak fizz'])
      await button(shown, why).trigger('click');
    await shown.find('textarea').setValue('  more acid  ');
    await button(shown, /^Save/).trigger('click');
    expect(standingIn(now(trial), 'verdict').at(-1)).toMatchObject({
      verdict: 'again',
      whys: ['sinks'],
    });
    expect(standingIn(now(trial), 'note').at(-1)?.text).toBe('more acid');
    expect(now(trial).finishedAt).not.toBeNull();
  });

  it('of blanks as a note is none', async () => {
    const { trial, shown } = panel();
    await field(shown, 'Note').setValue('   ');
    await field(shown, 'Note').trigger('keydown', { key: 'Enter' });
    expect(standingIn(now(trial), 'note')).toHaveLength(0);
  });
});

describe('a new trial', () => {
  it('is of the newest batch, tried as its kind is', async () => {
    const start = shop.show(StartTrial);
    const [newest] = trialStore.madeBatches;
    expect(start.text()).toContain(newest?.code);
    const before = shop.workshop.trials.length;
    await start.find('form').trigger('submit');
    expect(shop.workshop.trials).toHaveLength(before + 1);
    expect(shop.workshop.trials.at(-1)?.batchId).toBe(newest?.id);
  });

  it('does not begin while a figure is none', async () => {
    const start = shop.show(StartTrial);
    const before = shop.workshop.trials.length;
    const [first] = start.findAll('input[inputmode=decimal]');
    await first?.setValue('plenty');
    await start.find('form').trigger('submit');
    expect(start.text()).toContain('Type a weight');
    expect(shop.workshop.trials).toHaveLength(before);
  });

  it('of a piece from elsewhere needs its name', async () => {
    const start = shop.show(StartTrial);
    const before = shop.workshop.trials.length;
    const lists = ['VAutocomplete', 'VSelect'].flatMap((name) => start.findAllComponents({ name }));
    lists[0]?.vm.$emit('update:modelValue', 'Piece from elsewhere');
    await flushPromises();
    await start.find('form').trigger('submit');
    expect(problem().length).toBeGreaterThan(10);
    expect(shop.workshop.trials).toHaveLength(before);
  });
});

describe('small ones, cup by cup', () => {
  const ask = () => shop.show(AskCupTest);
  const submit = (shown: ReturnType<typeof ask>) => shown.find('form').trigger('submit');

  it.each([
    ['nothing to vary', async () => undefined, 'Choose a formula and a material to vary.'],
    [
      'a figure that is none',
      (shown: ReturnType<typeof ask>) => field(shown, 'Cups').setValue('nine'),
      null,
    ],
    [
      'more than eight cups',
      (shown: ReturnType<typeof ask>) => field(shown, 'Cups').setValue('9'),
      null,
    ],
  ])('are not laid out with %s', async (_, spoil, said) => {
    const shown = ask();
    const before = shop.workshop.ladders.length;
    await spoil(shown);
    await submit(shown);
    // A field says by itself what is wrong with it.
    if (said) expect(problem()).toBe(said);
    else expect(shown.find('.v-input--error').exists()).toBe(true);
    expect(shop.workshop.ladders).toHaveLength(before);
  });

  it('ask for a highest over the lowest', async () => {
    const shown = ask();
    shown.findComponent({ name: 'VAutocomplete' });
    const picker = shown
      .findAllComponents({ name: 'VAutocomplete' })
      .find((one) => (one.props() as { label?: string }).label === 'Material to vary (1)');
    picker?.vm.$emit('update:modelValue', 'cornstarch');
    await field(shown, 'Lowest (1)').setValue('5');
    await field(shown, 'Highest (1)').setValue('5');
    await submit(shown);
    expect(problem()).toBe('The highest amount must be over the lowest.');
  });

  it('vary up to three things', async () => {
    const shown = ask();
    await button(shown, 'Vary another material').trigger('click');
    await button(shown, 'Vary another material').trigger('click');
    expect(shown.text()).not.toContain('Vary another material');
    expect(shown.findAll('label').some((one) => one.text().startsWith('Highest (3)'))).toBe(true);
  });

  function set() {
    const [ladder] = shop.workshop.ladders;
    if (!ladder) throw new Error('the sample has a ladder');
    const shown = shop.show(CupTestSet, { props: { ladder } });
    const [cup] = ladder.cups;
    if (!cup) throw new Error('a ladder has cups');
    const kept = () => {
      const found = shop.workshop.ladders.find(({ id }) => id === ladder.id);
      return found ? valueOf(found, cup.id) : null;
    };
    return { ladder, shown, kept };
  }

  it('are written down by hand, and refused as nonsense', async () => {
    const { shown, kept } = set();
    const before = kept();
    const form = shown.find('form.seen');
    for (const text of ['', 'long', '-1', '100001', '0']) {
      await form.find('input').setValue(text);
      await form.trigger('submit');
      expect(problem()).toContain('type a number.');
      expect(kept()).toBe(before);
    }
    await form.find('input').setValue('100000');
    await form.trigger('submit');
    expect(kept()).toBe(100_000);
    expect((form.find('input').element as HTMLInputElement).value).toBe('');
  });

  it('are timed with two presses, each for its own cup', async () => {
    const { ladder, shown, kept } = set();
    if (ladder.response !== 'gone-s') throw new Error('the sample’s ladder is timed');
    const [first] = shown.findAll('button.time');
    await first?.trigger('click');
    expect(first?.text()).toContain('Gone, ');
    later(75);
    await first?.trigger('click');
    expect(kept()).toBe(75);
  });
});

describe('pieces kept back', () => {
  it('are laid away of a batch, and never more than there are', async () => {
    const shown = shop.show(RetainedSamples);
    const batch = trialStore.madeBatches.find((one) => keptPieces(one) === 0);
    if (!batch) throw new Error('the sample has a batch without kept pieces');
    await choose(shown, 'Batch to retain pieces of', batch.id);
    await field(shown, 'Pieces').setValue('9999');
    await shown.find('form.lay-away').trigger('submit');
    expect(problem()).toMatch(new RegExp(`^${batch.code} has \\d+ pieces left\\. Retain fewe`));
    await field(shown, 'Pieces').setValue('2');
    await shown.find('form.lay-away').trigger('submit');
    const after = shop.workshop.batches.find(({ id }) => id === batch.id);
    expect(after && keptPieces(after)).toBe(2);
  });

  it('are looked at, hard and scent from 0 to 5', async () => {
    const shown = shop.show(RetainedSamples);
    const look = shown.findAll('button').find((one) => one.text().startsWith('Check one'));
    await look?.trigger('click');
    const form = shown.find('form.look');
    const code = form.attributes('aria-label')?.replace('Retained sample of ', '');
    const looks = () => {
      const batch = shop.workshop.batches.find((one) => one.code === code);
      return batch ? standing(batch, 'looked') : [];
    };
    const before = looks().length;
    await field(form, 'Hardness, 0–5').setValue('5.5');
    await form.trigger('submit');
    expect(looks()).toHaveLength(before);
    await field(form, 'Hardness, 0–5').setValue('0');
    await form.trigger('submit');
    expect(looks().at(-1)).toMatchObject({ hard: 0, scent: 4, color: 'as-made' });
    expect(looks()).toHaveLength(before + 1);
  });

  it('that nobody keeps are explained', () => {
    shop.workshop.remove(
      'batches',
      shop.workshop.batches.map(({ id }) => id),
    );
    expect(shop.show(RetainedSamples).text()).toContain('There are no retained samples yet.');
  });
});

describe('all trials', () => {
  it('are told in a line each, newest first, and open again', async () => {
    const list = shop.show(TrialList);
    const rows = list.findAll('li');
    expect(rows).toHaveLength(trialStore.trials.length);
    await rows[0]?.find('button').trigger('click');
    expect((list.emitted('open')?.[0]?.[0] as Trial).id).toBe(trialStore.trials[0]?.id);
  });

  it('of a batch that is gone say so', () => {
    shop.workshop.remove(
      'batches',
      shop.workshop.batches.map(({ id }) => id),
    );
    expect(shop.show(TrialList).text()).toContain('Removed batch');
  });

  it('before the first say where one is begun', () => {
    shop.workshop.remove(
      'trials',
      shop.workshop.trials.map(({ id }) => id),
    );
    expect(shop.show(TrialList).text()).toContain('There is no test yet.');
  });
});

describe('the color of the water', () => {
  it('is taken by eye from a strip about the forecast', async () => {
    const trial = begun();
    const shown = shop.show(WaterColor, { props: { trial, forecastHex: '#c0d8e0' } });
    const strip = shown.findAll('.strip button');
    expect(strip.length).toBeGreaterThan(4);
    expect(strip.map((one) => one.attributes('aria-label'))).toContain('Nearest: #c0d8e0');
    await strip[1]?.trigger('click');
    await shown.setProps({ trial: now(trial) } as never);
    const seen = standingIn(now(trial), 'color').at(-1);
    expect(seen).toMatchObject({ by: 'eye' });
    expect(strip[1]?.attributes('aria-label')).toBe(`Nearest: ${seen?.hex}`);
    expect(shown.text()).toContain('by eye');
  });

  it('does not come from a file that is no picture', async () => {
    const shown = shop.show(WaterColor, { props: { trial: begun(), forecastHex: '#c0d8e0' } });
    vi.stubGlobal('createImageBitmap', () => Promise.reject(new Error('no picture')));
    const input = shown.find('input[type=file]');
    const file = new File(['words'], 'notes.txt');
    Object.defineProperty(input.element, 'files', { value: [file] });
    await input.trigger('change');
    await flushPromises();
    expect(problem()).toBe('Couldn’t read “notes.txt” as a picture. Choose another one.');
  });
});

describe('a stability plan', () => {
  const plans = () => shop.workshop.stabilityPlans;
  const submit = () => page().find('form').trigger('submit');
  const type = (label: string, text: string) => field(page(), label).setValue(text);

  it('is made with its pass marks, and refuses months and marks that are none', async () => {
    const shown = shop.show(StabilityPlans);
    const before = plans().length;
    await button(shown, 'New stability plan').trigger('click');
    await submit();
    expect(problem()).toBe('Choose a batch.');
    await choose(shown, 'Batch', trialStore.madeBatches[0]?.id);
    await type('Check after months', '1, 61');
    await submit();
    expect(problem()).toBe('Type months from 1 to 60, like 1, 3, 6, 12.');
    await type('Check after months', '3 1, 3');
    await type('Hardness at least, 0–5', '6');
    await submit();
    expect(problem()).toBe('A pass mark is out of range. Check the values.');
    await type('Hardness at least, 0–5', '5');
    await type('Water activity below, 0–1', '');
    await submit();
    expect(plans()).toHaveLength(before + 1);
    expect(plans().at(-1)).toMatchObject({
      months: [3, 1],
      marks: { hard: 5, waterActivity: null },
    });
  });

  it('takes a result, judges it by the marks, and gives it back', async () => {
    const shown = shop.show(StabilityPlans);
    await button(shown, /^Enter result: QL-009, Room, as sold, 2 months/).trigger('click');
    await submit();
    expect(problem()).toBe('Enter at least one measurement.');
    await type('Hardness, 0–5', '2.5');
    await submit();
    expect(problem()).toBe('Type the hardness as a whole number, 0–5.');
    await type('Hardness, 0–5', '2');
    await submit();
    expect(shown.text()).toContain('Failed: hardness.');
    await button(shown, 'Undo: Room, as sold, 2 months').trigger('click');
    expect(shown.text()).not.toContain('Failed: hardness.');
    expect(plans()[0]?.results.at(-1)?.voidedAt).toBeTruthy();
  });
});
