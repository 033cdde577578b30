import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { emptyBody } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { filmPlan, momentAt } from '@/core/tub/plan';
import { bodyFrom } from '../../../tests/fixtures/bodies';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { page } from '../../../tests/fixtures/mountInPage';
import FilmView from './FilmView.vue';
import { filmNotes, leavesSentence, lyingSentence, momentRows } from './filmMessages';
import type { FilmSubject } from './useFilm';
import { usePlayer } from './usePlayer';
import { waterAs, waterSentence } from './waters';

const BOMB = `600 g baking soda\n300 g citric acid\n20 g slsa\n0.6 g yellow 5 dye
Embed:\n60 g baking soda\n40 g citric acid\n0.3 g red 33 dye`;
const CONDITIONS = { ...USUAL_CONDITIONS, pieceG: 140 };
const subjectOf = (body: FormulaBody): FilmSubject => ({
  body,
  conditions: CONDITIONS,
  shape: 'ball',
});
const planOf = (body: FormulaBody, conditions = CONDITIONS) => {
  const film = filmPlan(body, conditions, evaluate(body, conditions));
  if (!film.ok) throw new Error(film.problem);
  return film.value;
};

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});
afterEach(() => vi.unstubAllGlobals());

/** What a figure of the moment says. */
function figure(name: string): string {
  const row = page()
    .findAll('tr')
    .find((one) => one.find('th').exists() && one.find('th').text() === name);
  if (!row) throw new Error(`no figure is called ${name}`);
  return row
    .findAll('td')
    .map((cell) => cell.text())
    .join(' | ');
}
async function scrub(seconds: number): Promise<void> {
  await page().find('input[type=range]').setValue(String(seconds));
  await flushPromises();
}

describe('the film on screen', () => {
  it('says the figures of the moment that is scrubbed to, and by the arrow keys', async () => {
    shop.show(FilmView, { props: { name: 'Quay', subject: subjectOf(bodyFrom(BOMB)) } });
    await flushPromises();
    expect(figure('Piece left')).toBe('140 g of 140 g');
    const plan = planOf(bodyFrom(BOMB));
    await scrub(plan.goneS + 1);
    expect(figure('Piece left')).toBe('0 g of 140 g');
    expect(figure('Magenta dye (CI 17200) in the water')).toMatch(/^(\d+) mg of \1 mg$/);
    const hand = page().find('input[type=range]');
    await scrub(3);
    await hand.trigger('keydown', { key: 'ArrowRight' });
    expect(page().text()).toContain('At 0:04');
    expect(hand.attributes('aria-valuetext')).toMatch(/^0:04: \d+% of the piece left, water #/);
  });

  it('says why nothing moves', async () => {
    shop.show(FilmView, { props: { name: 'Empty', subject: subjectOf(emptyBody('bath-bomb')) } });
    await flushPromises();
    expect(page().text()).toContain('The formula is empty, so nothing moves.');
    expect(page().find('canvas').exists()).toBe(false);
  });

  it('shows its figures where the browser refuses a canvas or a worker', async () => {
    vi.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(null);
    vi.spyOn(HTMLCanvasElement.prototype, 'clientWidth', 'get').mockReturnValue(400);
    vi.stubGlobal('Worker', undefined);
    vi.stubGlobal(
      'ResizeObserver',
      class {
        constructor(private readonly told: (entries: unknown[]) => void) {}
        observe() {
          const size = [{ inlineSize: 400, blockSize: 200 }];
          this.told([{ contentRect: { width: 400, height: 200 }, contentBoxSize: size }]);
        }
        disconnect() {}
        unobserve() {}
      },
    );
    shop.show(FilmView, { props: { name: 'Quay', subject: subjectOf(bodyFrom(BOMB)) } });
    await flushPromises();
    expect(page().text()).toContain('This browser can’t draw the film.');
    expect(page().text()).toContain('Couldn’t compute how the color spreads.');
    expect(figure('Foam')).toContain('over the water');
    vi.restoreAllMocks();
  });

  it('is eight pictures for who wants less motion', async () => {
    vi.stubGlobal('matchMedia', (query: string) => ({
      matches: query.includes('reduce'),
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }));
    shop.show(FilmView, { props: { name: 'Quay', subject: subjectOf(bodyFrom(BOMB)) } });
    await flushPromises();
    expect(page().findAll('.stills canvas')).toHaveLength(8);
    const play = page()
      .findAll('button')
      .find((one) => one.text().startsWith('Play'));
    expect(play?.attributes('disabled')).toBeDefined();
  });

  it('stands beside another, both figures in one table, as long as the longer one', async () => {
    const other = bodyFrom('600 g baking soda\n300 g citric acid\n250 g cornstarch');
    shop.show(FilmView, {
      props: {
        name: 'Quay',
        subject: subjectOf(bodyFrom(BOMB)),
        other: { name: 'Starchy', subject: subjectOf(other) },
      },
    });
    await flushPromises();
    await scrub(60);
    expect(figure('Piece left').split(' | ')).toHaveLength(2);
    expect(figure('Yellow dye (CI 19140) in the water').split(' | ')[1]).toBe('–');
    expect(Number(page().find('input[type=range]').attributes('max'))).toBeCloseTo(
      planOf(other).settledS,
      6,
    );
  });
});

describe('the player', () => {
  /** Frames by hand: each call is one frame of so many milliseconds. */
  function frames() {
    let waiting: FrameRequestCallback[] = [];
    let nowMs = 1000;
    vi.stubGlobal('requestAnimationFrame', (call: FrameRequestCallback) => waiting.push(call));
    vi.stubGlobal('cancelAnimationFrame', () => (waiting = []));
    return (ms: number, times = 1) => {
      for (let i = 0; i < times; i++) {
        nowMs += ms;
        const due = waiting;
        waiting = [];
        for (const call of due) call(nowMs);
      }
    };
  }

  it('runs at its speed, stops at the end, begins again, and is paused by a hidden page', async () => {
    const frame = frames();
    await effectScope().run(async () => {
      const player = usePlayer(ref(10));
      player.play();
      frame(16);
      const from = player.seconds.value;
      frame(100, 5);
      expect(player.seconds.value - from).toBeCloseTo(0.5 * 8, 6);
      player.speed.value = 30;
      frame(100, 5);
      expect([player.seconds.value, player.isPlaying.value]).toEqual([10, false]);
      player.toggle();
      expect([player.seconds.value, player.isPlaying.value]).toEqual([0, true]);
      Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
      document.dispatchEvent(new Event('visibilitychange'));
      await nextTick();
      expect([player.isPlaying.value, player.wasHidden.value]).toEqual([false, true]);
      Object.defineProperty(document, 'visibilityState', { value: 'visible', configurable: true });
    });
  });

  it('calls a device slow from 30 ms a frame on, but not for one pause of the browser', () => {
    const frame = frames();
    effectScope().run(() => {
      const player = usePlayer(ref(10_000));
      player.play();
      frame(29, 60);
      frame(5000);
      frame(29, 60);
      expect(player.isSlow.value).toBe(false);
      frame(32, 100);
      expect(player.isSlow.value).toBe(true);
    });
  });
});

describe('what the film says', () => {
  const said = (body: FormulaBody, seconds: number, conditions = CONDITIONS) => {
    const plan = planOf(body, conditions);
    return [
      lyingSentence(plan, momentAt(plan, seconds)),
      leavesSentence(plan, momentAt(plan, plan.settledS)),
    ];
  };

  it('says how a piece lies and what it leaves', () => {
    expect(said(bodyFrom(BOMB), 5)[0]).toMatch(/^Lies on the bottom, rises at \d:\d\d$/);
    expect(said({ ...bodyFrom(BOMB), method: 'silicone' }, 5)[0]).toBe('Floats, turned by its gas');
    expect(said(bodyFrom(BOMB), 1000)[0]).toBe('The piece is gone');
    const full = `${BOMB}\nTopping:\n10 g rose petals\n30 g sweet almond oil\n10 g cornstarch`;
    expect(said(bodyFrom(full), 5)[1]).toMatch(
      /^It leaves an oil film of [\d.]+ g\/m², [\d.]+ mm of foam, petals on the drain, fine powder on the bottom\.$/,
    );
    expect(said(bodyFrom('600 g baking soda\n300 g citric acid'), 5)[1]).toBe(
      'It leaves nothing but its color.',
    );
    const steamer = bodyFrom('600 g baking soda\n300 g citric acid', 'shower-steamer');
    expect(said(steamer, 5)).toEqual([
      'At the edge of the spray',
      'Water, color and oil run off into the drain.',
    ]);
    expect(
      momentRows(planOf(steamer), momentAt(planOf(steamer), 5), String, 0).map(({ name }) => name),
    ).not.toContain('Foam');
    const salts = bodyFrom('600 g baking soda\n300 g citric acid', 'fizzing-salts', 'loose');
    expect([said(salts, 1)[0], said(salts, 500)[0]]).toEqual([
      'Grains on the bottom',
      'All grains gone',
    ]);
  });

  it('says what the film cannot show, and what surprises', () => {
    const notes = (more: string, tempC = 38) =>
      filmNotes(planOf(bodyFrom(`600 g baking soda\n300 g citric acid\n${more}`)), tempC);
    expect(notes('0.4 g blue 1 dye')).toEqual([]);
    expect(notes('')).toEqual(['No color is in this formula, so the water stays clear.']);
    expect(notes('1 g water soluble dye')[0]).toMatch(/^Rovack doesn’t know the hue of .*dye/);
    expect(notes('3 g gold mica')[0]).toBe('These color the piece but not the water: gold mica.');
    expect([notes('0.4 g blue 1 dye', 15).length, notes('0.4 g blue 1 dye', 15.1).length]).toEqual([
      1, 0,
    ]);
    const cube = bodyFrom('300 g washing soda\n60 g citric acid', 'cleaning-fizzy');
    expect(filmNotes(planOf(cube), 38)).toContain(
      'No gas leaves this piece, so it has no bubbles.',
    );
  });

  it('shows a water as it is set, or another, and names its hardness', () => {
    const tub = { volumeL: 150, tempC: 38, alkalinityMgL: 100 };
    expect(waterAs(tub, 'set', 'set')).toEqual(tub);
    expect(waterAs(tub, 'cold', 'hard')).toEqual({ volumeL: 150, tempC: 20, alkalinityMgL: 250 });
    const hardness = (alkalinityMgL: number) =>
      waterSentence({ ...tub, alkalinityMgL }).split(', ')[1];
    expect([59, 60, 180, 181].map(hardness)).toEqual([
      'soft',
      'moderately hard',
      'moderately hard',
      'hard',
    ]);
  });
});
