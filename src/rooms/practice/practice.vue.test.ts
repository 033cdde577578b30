import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { button, page } from '../../../tests/fixtures/mountInPage';
import { COLLECTION_NAMES } from '@/storage/records/names';
import { lessonById, type BowlLesson } from '@/core/practice/lessons';
import { smallestMoves } from '@/core/practice/smallestWay';
import { causeTruth } from '@/core/practice/causeLesson';
import { CAUSES } from '@/core/batches/faults/causeTable';
import { usePracticeStore } from '@/stores/practice';
import PracticeRoom from './PracticeRoom.vue';

const PLACE = 'rovack-practice';
const says = () => page().text();
const stored = () => JSON.parse(localStorage.getItem(PLACE) ?? '{}') as Record<string, unknown>;

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  localStorage.clear();
  shop = drawnShop();
});

/** A lesson with a bowl that is known. */
async function open(lessonId: string, seed = 3) {
  if (!localStorage.getItem(PLACE))
    localStorage.setItem(
      PLACE,
      JSON.stringify({ plays: { [lessonId]: { lessonId, seed, moves: [] } }, best: {} }),
    );
  await shop.ways.push(`/practice/${lessonId}`);
  const shown = shop.show(PracticeRoom);
  await flushPromises();
  return shown;
}
const press = async (shown: Awaited<ReturnType<typeof open>>, name: string | RegExp) => {
  await button(shown, name).trigger('click');
  await flushPromises();
};

describe('the practice bench', () => {
  it('shows the hand, takes what it is called, and says what the bench would', async () => {
    const shown = await open('first-bowl');
    expect(says()).toContain('The meter reads');
    expect(says()).toContain('The range shows at the end.');
    await press(shown, /^Squeeze/);
    await press(shown, /^Too wet/);
    expect(says()).toContain('No, this hand says too dry.');
    await press(shown, /^Squeeze/);
    await press(shown, /^Too dry/);
    expect(says()).toContain('Yes, this hand says too dry.');
    expect(says()).toMatch(/At the bench Rovack says: add 1 g of sweet almond oil/);
  });

  it('hides what the mix wants until the pieces are lifted, then tells all of it', async () => {
    const shown = await open('first-bowl');
    await press(shown, /^Press them all/);
    expect(says()).toContain('When do you lift them?');
    expect(says()).not.toContain('This mix wanted');
    await press(shown, /^After 1 day/);
    expect(says()).toContain('Not passed: no point');
    expect(says()).toMatch(/This mix wanted moisture of \d/);
    expect(says()).toMatch(/The smallest way was \d+ g of sweet almond oil, in one round\./);
    await press(shown, /^Drop one in the tub/);
    expect(says()).toMatch(/It was gone after/);
  });

  it('keeps the best result, and deals another bowl', async () => {
    const lesson = lessonById('first-bowl') as BowlLesson;
    const shown = await open('first-bowl');
    const practice = usePracticeStore();
    practice.move(...smallestMoves(lesson, 3));
    await flushPromises();
    expect(says()).toContain('Passed: 3 of 3 points');
    expect(stored().best).toEqual({ 'first-bowl': { won: 3, ended: 1 } });
    await press(shown, /^Play again/);
    expect(practice.play?.moves).toEqual([]);
    expect(practice.play?.seed).not.toBe(3);
    await press(shown, /^Press them all/);
    await press(shown, /^After 1 day/);
    expect(stored().best).toEqual({ 'first-bowl': { won: 3, ended: 2 } });
  });

  it('goes on after a reload where it was left', async () => {
    const shown = await open('first-bowl');
    await press(shown, /^Add 5 g of sweet almond oil/);
    shop = drawnShop();
    await open('first-bowl');
    expect(says()).toContain('5 g of sweet almond oil');
    expect(usePracticeStore().play?.moves).toHaveLength(1);
  });

  it('says when a bowl has had all the moves a lesson takes, and deals another', async () => {
    const shown = await open('first-bowl');
    const practice = usePracticeStore();
    const squeezes = Array.from({ length: 199 }, () => ({ kind: 'squeeze' as const }));
    practice.move(...squeezes);
    await flushPromises();
    expect(says()).not.toContain('all the moves');
    await press(shown, /^Squeeze/);
    expect(says()).toContain('This bowl has had all the moves a lesson takes.');
    await press(shown, /^Play again/);
    expect(practice.play?.moves).toEqual([]);
  });

  it('puts nothing into the workshop', async () => {
    const before = COLLECTION_NAMES.map((name) => shop.workshop.records[name].length);
    const settings = JSON.stringify(shop.workshop.settings);
    const shown = await open('first-bowl');
    await press(shown, /^Squeeze/);
    await press(shown, /^Press them all/);
    await press(shown, /^After 1 day/);
    expect(COLLECTION_NAMES.map((name) => shop.workshop.records[name].length)).toEqual(before);
    expect(JSON.stringify(shop.workshop.settings)).toBe(settings);
  });

  it.each(['{broken', '{"plays":{"first-bowl":{"seed":-1}},"best":{}}', '[]'])(
    'starts over from progress that cannot be read, says so and keeps the text: %s',
    async (text) => {
      localStorage.setItem(PLACE, text);
      await open('first-bowl');
      expect(says()).toContain('Couldn’t read your practice progress');
      expect(localStorage.getItem('rovack-practice-unread')).toBe(text);
      expect(says()).toContain('Squeeze a handful');
    },
  );

  it('finds a cause in the record: a wrong one is told why, the right one asks for the change', async () => {
    const { causeId } = causeTruth(3);
    const row = CAUSES.find(({ id }) => id === causeId);
    const shown = await open('warts');
    await press(shown, /^Lifted too early/);
    expect(says()).toContain('No. Nothing in the record points to it.');
    await press(shown, new RegExp(`^${row?.title}`));
    expect(says()).toContain('Yes. What do you change next time?');
    await press(shown, new RegExp(`^${row?.change.slice(0, 20)}`));
    expect(says()).toContain('Passed: 2 of 3 points');
  });

  it('tests dye in cups, and colors the bowl once', async () => {
    const shown = await open('dye');
    await press(shown, /^Take off 0.20 g/);
    await press(shown, /^Test a cup/);
    expect(says()).toContain('Cup 1: 0.80 g in a kilo');
    await press(shown, /^Color the bowl/);
    expect(says()).toMatch(/The right dose was \d\.\d\d g in a kilo/);
    expect(says()).not.toContain('Test a cup');
  });

  it('tells nothing of a blind bowl but its hand', async () => {
    const shown = await open('blind');
    await press(shown, /^Squeeze/);
    expect(says()).not.toContain('The meter reads');
    expect(says()).not.toContain('The range shows at the end.');
    expect(says()).toContain('That is all you get.');
  });
});
