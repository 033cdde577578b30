import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begun, workTo } from '../../../tests/fixtures/bench';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { button, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { benchSteps, currentStep, record } from '@/core/batches/records/batch';
import { bowlContents } from '@/core/batches/records/bowl';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import BenchScreen from './BenchScreen.vue';
import FillStrip from './FillStrip.vue';
import MadeSummary from './MadeSummary.vue';
import MakeStation from './MakeStation.vue';
import { countdown } from './countdown';
import { sayScale } from './scaleMessages';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
  shop.workshop.changeSettings({ scaleSource: 'typed' });
});

/** A batch at the bench, worked up to its first step of a kind. */
async function benchAt(kind: string, batch = begun(bodyFrom(LANTERN))) {
  const found = benchSteps(batch).find((step) => step.kind === kind);
  if (!found) throw new Error(`this work has no step of kind ${kind}`);
  return bench(workTo(batch, (id) => id === found.id));
}
async function bench(batch: Batch) {
  // The batch was begun before the screen is looked at.
  vi.setSystemTime(Date.UTC(2027, 0, 1));
  shop.workshop.putBatch(batch);
  shop.workshop.changeSettings({ batchInHandId: batch.id });
  const screen = shop.show(MakeStation);
  await flushPromises();
  const now = () => shop.workshop.batches.find(({ id }) => id === batch.id) ?? batch;
  const key = async (name: string, on: EventTarget = document.body) => {
    on.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }));
    await flushPromises();
  };
  return { screen, now, key, step: () => currentStep(now()), says: () => page().text() };
}
const problem = () => page().find('[role=alert].problem').text();

describe('any step', () => {
  it('is handed to another pair of hands in the middle, and the record has both names', async () => {
    shop.workshop.changeSettings({ makers: ['Maud', 'Teo'], makerInHand: 'Maud' });
    const { key, now, says } = await benchAt('mix');
    await key(' ');
    await button(page(), 'Maud is working. Teo takes over').trigger('click');
    expect(shop.workshop.settings.makerInHand).toBe('Teo');
    await key('k');
    const who = now()
      .entries.slice(-2)
      .map((entry) => entry.who);
    expect(who).toEqual(['Maud', 'Teo']);
    await key('h');
    expect(shop.workshop.settings.makerInHand).toBe('Maud');
    shop.workshop.changeSettings({ makers: [], makerInHand: null });
    await flushPromises();
    expect(says()).not.toContain('Who is working?');
  });

  it('asks at the count what became of a mix that is in no piece, and keeps it', async () => {
    const { key, now } = await benchAt('count');
    await field(page(), 'Whole pieces').setValue('1');
    await button(page(), 'Next batch').trigger('click');
    await key(' ');
    const [count] = standing(now(), 'counted');
    expect(count?.left?.fate).toBe('next-batch');
    expect(count?.left?.massG).toBeGreaterThan(100);
  });

  it('is walked on, back and on again by keys, and says where it is', async () => {
    const { key, now, says } = await benchAt('mix');
    const at = now().currentStep;
    expect(says()).toContain(`Step ${at + 1} of ${benchSteps(now()).length}`);
    await key('b');
    expect(now().currentStep).toBe(at - 1);
    await button(page(), 'Next step').trigger('click');
    expect(now().currentStep).toBe(at);
    await key('k');
    expect(now().currentStep).toBe(at + 1);
    expect(standing(now(), 'skipped')).toHaveLength(1);
    await key('u');
    expect(standing(now(), 'skipped')).toHaveLength(0);
  });

  it('is left by a key, and the batch waits at the bench', async () => {
    const { key, now } = await benchAt('weigh');
    await key('l');
    await vi.waitFor(() => expect(shop.ways.currentRoute.value.name).toBe('batch'));
    expect(shop.ways.currentRoute.value.params).toEqual({ code: now().code });
    expect(now().outcome).toBe('at-the-bench');
  });

  it('after hours away says so, and that the mix may have dried', async () => {
    const batch = workTo(begun(bodyFrom(LANTERN)), (id) => id.includes('mix'));
    const { says } = await bench(batch);
    expect(says()).toMatch(/You are back after \d+ days.* Read the room again \(R\)/);
  });

  it('all ahead as the sheet had it is asked for first, and leaves squeezes out', async () => {
    const { key, now, says } = await benchAt('weigh');
    const squeezes = standing(now(), 'squeezed').length;
    const weighed = standing(now(), 'weighed').length;
    await key('m');
    expect(says()).toContain('Enter everything as planned?');
    expect(standing(now(), 'weighed')).toHaveLength(weighed);
    await page()
      .findAll('.v-dialog button')
      .find((one) => one.text() === 'Enter as planned')
      ?.trigger('click');
    expect(standing(now(), 'weighed').length).toBeGreaterThan(weighed + 5);
    expect(standing(now(), 'weighed').at(-1)?.by).toBe('as-planned');
    expect(standing(now(), 'squeezed')).toHaveLength(squeezes);
  });

  it('walks round the other bowls by a key', async () => {
    const other = { ...begun(bodyFrom(LANTERN)), code: 'QL-900' };
    shop.workshop.putBatch(other);
    const { key, says } = await benchAt('weigh');
    expect(says()).toContain('QL-900: ');
    await key('n');
    expect(shop.workshop.settings.batchInHandId).toBe(other.id);
  });

  it('shows a bowl that mixes before one that waits, and how long it still mixes', async () => {
    const waiting = { ...begun(bodyFrom(LANTERN)), id: crypto.randomUUID(), code: 'QL-901' };
    const other = { ...begun(bodyFrom(LANTERN)), id: crypto.randomUUID(), code: 'QL-902' };
    const mix = benchSteps(other).find(({ kind }) => kind === 'mix');
    const mixing = record(
      workTo(other, (id) => id === mix?.id),
      { kind: 'timer', seconds: 600 },
      new Date(Date.UTC(2027, 0, 1)).toISOString(),
    );
    shop.workshop.put('batches', [waiting, mixing]);
    const { says } = await benchAt('weigh');
    expect(says()).toMatch(/QL-902.*10:00.*QL-901/s);
  });
});

describe('the room', () => {
  it('is read in before anything is weighed, with what this formula would be in it', async () => {
    const { now, key, says } = await benchAt('room');
    await field(page(), 'Humidity').setValue('78');
    await field(page(), 'Temperature').setValue('31');
    expect(says()).toContain('Not today, not like this.');
    expect(says()).toMatch(/[Mm]oisture range .*[\d.]+–[\d.]+.*[\d.]+–[\d.]+/);
    await key(' ');
    expect(standing(now(), 'room').at(-1)).toMatchObject({ humidityPct: 78, tempC: 31 });
    expect(shop.workshop.settings.humidityPct).toBe(78);
  });

  it.each([
    ['450', '20', 'Check the humidity. Type a number from 5 to 100%.'],
    ['4.9', '20', 'Check the humidity. Type a number from 5 to 100%.'],
    ['45', '50.1', 'Check the temperature. Type a number from −10 to 50°C.'],
    ['45', '-10.1', 'Check the temperature. Type a number from −10 to 50°C.'],
    ['', '20', 'Check the humidity. Type a percentage, such as 45%.'],
  ])('of “%s” %% and “%s” °C is no room', async (humidity, temp, said) => {
    const { now, key } = await benchAt('room');
    await field(page(), 'Humidity').setValue(humidity);
    await field(page(), 'Temperature').setValue(temp);
    await key(' ');
    expect(problem()).toBe(said);
    expect(standing(now(), 'room')).toHaveLength(0);
  });
});

describe('a weighing by hand', () => {
  const weigh = async (grams: (targetG: number) => string) => {
    const at = await benchAt('weigh');
    const step = at.step();
    if (step?.kind !== 'weigh') throw new Error('a weighing is due');
    await field(page(), 'Weight on the scale').setValue(grams(step.targetG));
    const enter = () => field(page(), 'Weight on the scale').trigger('keydown', { key: 'Enter' });
    return { ...at, target: step.targetG, stepId: step.id, enter };
  };

  it('is written as it is typed, and goes on', async () => {
    const { now, enter, target, stepId } = await weigh((targetG) => String(targetG));
    await enter();
    expect(standing(now(), 'weighed').at(-1)).toMatchObject({ stepId, massG: target, by: 'typed' });
    expect(currentStep(now())?.id).not.toBe(stepId);
  });

  it.each(['', 'some', '0', '-3'])('of “%s” is not written, and the step stays', async (text) => {
    const { now, enter, stepId } = await weigh(() => text);
    const before = standing(now(), 'weighed').length;
    await enter();
    expect(problem().length).toBeGreaterThan(10);
    expect(standing(now(), 'weighed')).toHaveLength(before);
    expect(currentStep(now())?.id).toBe(stepId);
  });

  it('ten times too small is asked about, and believed when it is pressed again', async () => {
    const { now, enter, target } = await weigh((targetG) => String(targetG / 10));
    const before = standing(now(), 'weighed').length;
    await enter();
    expect(problem()).toContain('Press again if it is.');
    expect(standing(now(), 'weighed')).toHaveLength(before);
    await enter();
    expect(standing(now(), 'weighed').at(-1)?.massG).toBeCloseTo(target / 10, 6);
  });

  it('of too much offers three ways, and scales the rest by one of them', async () => {
    const { now, enter, target, says } = await weigh((targetG) => String(targetG * 1.2));
    await enter();
    for (const way of ['Take out', 'Scale up the rest', 'Use this weight'])
      expect(says()).toContain(way);
    expect(says()).toContain('Multiply by 1.2');
    await button(page(), /^Scale up the rest/).trigger('click');
    const next = benchSteps(now()).filter((step) => step.kind === 'weigh');
    expect(next[1]?.targetG).toBeGreaterThan(0);
    expect(standing(now(), 'weighed').at(-1)?.massG).toBeCloseTo(target * 1.2, 6);
  });

  it('may be asked of by a key before it is taken, and put back by the first way', async () => {
    const { now, key, says } = await weigh((targetG) => String(targetG * 1.2));
    const before = standing(now(), 'weighed').length;
    await key('o');
    expect(page().find('section[aria-label="Too much"]').exists()).toBe(true);
    await key('1');
    expect(page().find('section[aria-label="Too much"]').exists()).toBe(false);
    expect(standing(now(), 'weighed')).toHaveLength(before);
    expect(says()).not.toContain('Multiply by 1.2');
  });

  it('by paper is written as planned with one key', async () => {
    const { now, key, step } = await benchAt('weigh');
    const due = step();
    await key('j');
    expect(standing(now(), 'weighed').at(-1)).toMatchObject({
      stepId: due?.id,
      by: 'as-planned',
    });
  });
});

describe('a mix', () => {
  it('runs its whole time from the record, through a screen that is left', async () => {
    const { now, key, says, screen } = await benchAt('mix');
    expect(says()).toContain('not started');
    await key(' ');
    const timer = standing(now(), 'timer').at(-1);
    expect(says()).toContain(countdown(timer?.seconds ?? 0));
    expect(says()).toContain('Mixed early, next');
    screen.unmount();
    vi.setSystemTime(Date.now() + ((timer?.seconds ?? 0) + 15) * 1000);
    shop.show(MakeStation);
    await flushPromises();
    expect(says()).toContain('+00:15');
    expect(says()).toContain('time is up');
    await key(' ');
    expect(standing(now(), 'done').at(-1)?.stepId).toBe(timer?.stepId);
  });

  it('may be done without its timer', async () => {
    const { now, step } = await benchAt('mix');
    const due = step()?.id;
    await button(page(), 'Mixed without the timer').trigger('click');
    expect(standing(now(), 'done').at(-1)?.stepId).toBe(due);
    expect(standing(now(), 'timer')).toHaveLength(0);
  });
});

describe('a squeeze', () => {
  it('that is right goes on', async () => {
    const { now, step } = await benchAt('squeeze');
    const due = step()?.id;
    await page().findAll('button.sign')[1]?.trigger('click');
    expect(standing(now(), 'squeezed').at(-1)).toMatchObject({ stepId: due, felt: 'right' });
    expect(step()?.id).not.toBe(due);
  });

  it('that is too dry stays, offers cures that land, and takes one into the bowl', async () => {
    const { now, key, step, says } = await benchAt('squeeze');
    const due = step()?.id;
    const before = bowlContents(now()).reduce((sum, { massG }) => sum + massG, 0);
    await key('1');
    expect(step()?.id).toBe(due);
    expect(says()).toContain('Too dry. Add one of these, mix, and squeeze again.');
    expect(page().findAll('.cure').length).toBeGreaterThan(0);
    await key('1');
    const added = standing(now(), 'added').at(-1);
    expect(added?.massG).toBeGreaterThan(0);
    const after = bowlContents(now()).reduce((sum, { massG }) => sum + massG, 0);
    expect(after - before).toBeCloseTo(added?.massG ?? 0, 6);
  });
});

describe('something added', () => {
  let screen: Awaited<ReturnType<typeof benchAt>>['screen'];
  async function adding() {
    const at = await benchAt('squeeze');
    ({ screen } = at);
    await at.key('a');
    return at;
  }
  const adder = () => screen.findComponent({ name: 'AddDialog' });

  it('is asked for by name and grams', async () => {
    const { now } = await adding();
    await page().find('.v-dialog form').trigger('submit');
    expect(problem()).toBe('Choose a material.');
    expect(standing(now(), 'added')).toHaveLength(0);
  });

  it('of grams that are none is not in the bowl, and the bowl not parted by no share', async () => {
    const { now } = await adding();
    const picker = adder().findComponent({ name: 'MaterialPicker' });
    picker.vm.$emit('update:modelValue', 'cornstarch');
    await field(page(), 'Amount').setValue('plenty');
    const [add, part] = page().findAll('.v-dialog form');
    await add?.trigger('submit');
    expect(page().text()).toContain('Type a weight');
    await field(page(), 'Share into a second bowl').setValue('100');
    await part?.trigger('submit');
    expect(standing(now(), 'added')).toHaveLength(0);
    expect(standing(now(), 'split')).toHaveLength(0);
    await field(page(), 'Amount').setValue('12.5');
    await add?.trigger('submit');
    expect(standing(now(), 'added').at(-1)).toMatchObject({
      materialId: 'cornstarch',
      massG: 12.5,
    });
  });

  it('may be the bowl parted after all, once', async () => {
    const { now, key, says } = await adding();
    await page().findAll('.v-dialog form')[1]?.trigger('submit');
    expect(standing(now(), 'split').at(-1)).toMatchObject({ share: 0.5, name: 'second color' });
    await key('a');
    expect(says()).not.toContain('Split the bowl');
    expect(says()).toContain('Second bowl');
  });
});

describe('pieces pressed', () => {
  it('are written one by one, those without a weight too', async () => {
    const { now, key, says, step } = await benchAt('press');
    const due = step();
    if (due?.kind !== 'press') throw new Error('a press is due');
    for (const share of [1, 1.01, 0.99]) {
      await field(page(), 'Weight of this piece').setValue(String(due.targetG * share));
      await field(page(), 'Weight of this piece').trigger('keydown', { key: 'Enter' });
    }
    await key('e');
    expect(standing(now(), 'filled').map(({ massG }) => massG !== null)).toEqual([
      true,
      true,
      true,
      false,
    ]);
    expect(says().replaceAll(' ', '')).toContain(`4of${due.pieces}pressed`);
    await key('d');
    expect(step()?.id).not.toBe(due.id);
  });

  it('ask for another squeeze once the mix has stood', async () => {
    const { says, key, now } = await benchAt('press');
    await key('q');
    expect(standing(now(), 'squeezed').at(-1)?.felt).toBe('right');
    expect(says()).toContain('Squeezed 0 min ago');
    expect(page().find('p.adjust').exists()).toBe(false);
    vi.setSystemTime(Date.now() + 100 * 60_000);
    await vi.waitFor(() => expect(says()).toContain('Squeezed 1 h 40 min ago'), 5000);
    expect(page().find('p.adjust').text()).toContain('Squeezed 1 h 40 min ago');
  });

  it('of next to nothing, or of two at once, are not just written', async () => {
    const { now, step } = await benchAt('press');
    const due = step();
    if (due?.kind !== 'press') throw new Error('a press is due');
    const type = async (massG: number) => {
      await field(page(), 'Weight of this piece').setValue(String(massG));
      await field(page(), 'Weight of this piece').trigger('keydown', { key: 'Enter' });
      return page().text();
    };
    expect(await type(due.targetG * 0.2)).toContain('Fill the piece on the scale first');
    expect(await type(due.targetG * 3)).toContain('Press again if it is.');
    expect(standing(now(), 'filled')).toHaveLength(0);
  });
});

describe('the count', () => {
  it('closes the batch, which waits on the trays', async () => {
    const { now, key, says } = await benchAt('count');
    await field(page(), 'Whole pieces').setValue('7');
    await field(page(), 'Rejects').setValue('1');
    await key(' ');
    expect(now().outcome).toBe('made');
    expect(standing(now(), 'counted').at(-1)).toMatchObject({ pieces: 7, rejects: 1 });
    expect(says()).toContain('1 reject,');
    expect(says()).toContain('Next on the trays');
  });

  it.each([
    ['seven', '0'],
    ['7.5', '0'],
    ['-1', '0'],
    ['100001', '0'],
    ['7', ''],
  ])('of “%s” whole and “%s” wrong closes nothing', async (whole, wrong) => {
    const { now, key } = await benchAt('count');
    await field(page(), 'Whole pieces').setValue(whole);
    await field(page(), 'Rejects').setValue(wrong);
    await key(' ');
    expect(problem()).toBe('Type whole numbers, 0 or more.');
    expect(now().outcome).toBe('at-the-bench');
  });

  it('asks mold by mold where the batch has several, and keeps each', async () => {
    const batch = begun(bodyFrom(LANTERN));
    const set = (name: string, pieces: number) => ({
      mold: { shape: 'sphere' as const, diameterMm: 60 },
      name,
      pieces,
      pieceG: batch.plan.pieceG,
      isSampler: false,
    });
    const sets = [set('Large sphere', 5), set('Small cube', 3)];
    const { now, key } = await benchAt('count', { ...batch, plan: { ...batch.plan, sets } });
    await field(page(), 'Whole pieces, Large sphere').setValue('5');
    await field(page(), 'Whole pieces, Small cube').setValue('2');
    await field(page(), 'Rejects, Small cube').setValue('1');
    await key(' ');
    expect(standing(now(), 'counted').at(-1)).toMatchObject({
      pieces: 7,
      rejects: 1,
      molds: [
        { pieces: 5, rejects: 0 },
        { pieces: 2, rejects: 1 },
      ],
    });
  });

  it('of more pieces than the bowl can have given is asked about', async () => {
    const { now, key } = await benchAt('count');
    await field(page(), 'Whole pieces').setValue('5000');
    await key(' ');
    expect(problem()).toMatch(/5,000 pieces of \d+ g need .*[Pp]ress again/);
    expect(now().outcome).toBe('at-the-bench');
  });
});

describe('the bench without a batch', () => {
  it('names what still stands at it, and takes it in hand', async () => {
    const batch = { ...begun(bodyFrom(LANTERN)), code: 'QL-777' };
    shop.workshop.putBatch(batch);
    shop.workshop.changeSettings({ batchInHandId: null });
    const station = shop.show(MakeStation);
    await button(station, /^Continue QL-777/).trigger('click');
    expect(shop.workshop.settings.batchInHandId).toBe(batch.id);
  });

  it('says of a batch given up what was weighed', () => {
    const batch = { ...begun(bodyFrom(LANTERN)), outcome: 'given-up' as const };
    const made = shop.show(MadeSummary, { props: { batch } });
    expect(made.text()).toContain('Abandoned');
    expect(made.text()).not.toContain('on the trays');
  });
});

it('a clock that stands behind the record is said', async () => {
  const batch = workTo(begun(bodyFrom(LANTERN)), (id) => id.includes('mix'));
  shop.workshop.putBatch(batch);
  const step = currentStep(batch);
  if (!step) throw new Error('the batch has a step due');
  const newestMs = Math.max(...batch.entries.map(({ at }) => Date.parse(at)));
  const behind = (ms: number) => {
    vi.setSystemTime(newestMs - ms);
    return shop.show(BenchScreen, { props: { batch, step } }).find('[role=alert].said').exists();
  };
  expect(behind(60_000)).toBe(false);
  expect(behind(62_000)).toBe(true);
});

it('fills are drawn about their target, and a strip of none is none', () => {
  const strip = (fillsG: readonly number[]) =>
    shop.show(FillStrip, { props: { fillsG, targetG: 120, tolerableG: 4.5 } });
  expect(strip([]).find('svg').exists()).toBe(false);
  const [light, right, heavy] = strip([115, 120, 125])
    .findAll('circle')
    .map((one) => Number(one.attributes('cy')));
  expect(right).toBeCloseTo(28, 6);
  expect((light ?? 0) - 28).toBeCloseTo(28 - (heavy ?? 0), 6);
  expect(light).toBeGreaterThan(28);
  expect(strip([120]).find('.band').exists()).toBe(true);
  const exact = { fillsG: [120], targetG: 120, tolerableG: 0 };
  expect(shop.show(FillStrip, { props: exact }).find('.band').exists()).toBe(false);
});

it.each([
  [462, '07:42'],
  [0, '00:00'],
  [0.2, '00:01'],
  [-0.2, '+00:00'],
  [-15, '+00:15'],
  [3599, '59:59'],
  [3600, '1:00:00'],
])('%f seconds are %s', (seconds, said) => {
  expect(countdown(seconds)).toBe(said);
});

it('the scale says in words what it does', () => {
  const say = (state: Parameters<typeof sayScale>[0], massG = 10, isSteady = true) =>
    sayScale(state, { massG, isSteady }, 'mold', 0.1);
  expect(say('ready')).toBe('Scale steady · tared with the mold · 0.1 g steps');
  expect(say('ready', -0.1, false)).toBe('The scale is below zero. Tare it.');
  expect(say('ready', 10, false)).toBe('Scale moving · tared with the mold · 0.1 g steps');
  expect(say('unplugged')).toContain('Plug it in');
  expect(say('busy')).toContain('Another program');
  expect(say('overload')).toContain('Take something off');
});
