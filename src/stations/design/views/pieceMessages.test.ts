import { describe, expect, it } from 'vitest';
import type { Evaluation } from '@/core/results/evaluation/types';
import { bathsSentence, surfaceSentence, traceSentence } from './pieceMessages';

const spread = (low: number, high: number) => ({ low, best: (low + high) / 2, high });
const lasting = (of: Record<string, unknown> | null) => ({ lasting: of }) as unknown as Evaluation;
const surface = (of: Record<string, unknown>) =>
  ({
    foamCm: spread(1, 3),
    foamL: spread(2, 6),
    filmGM2: 0.5,
    scentMgL: 0,
    ownTrials: 0,
    ...of,
  }) as unknown as NonNullable<Evaluation['surface']>;

describe('how long it lasts', () => {
  it('is said in minutes for a piece, in seconds for what is strewn in, in showers for a steamer', () => {
    const goneS = spread(90, 186);
    expect(traceSentence(lasting({ kind: 'dropped', goneS, buoyancy: 'either' }), 38)).toBe(
      'Gone in 1.5–3.1 min at 38°C. It may float.',
    );
    expect(traceSentence(lasting({ kind: 'scattered', goneS }), 38)).toBe(
      'Scattered in, gone in 90–186 s at 38°C.',
    );
    expect(traceSentence(lasting({ kind: 'showered', showers: spread(1, 1.6) }), 38)).toBe(
      'Lasts 1.0–1.6 showers of eight minutes at the edge of the spray.',
    );
    expect(traceSentence(lasting(null), 38)).toBe('Nothing fizzes yet.');
  });
});

describe('a fill of salts', () => {
  it('is good for one bath up to what one bath takes, for more beyond it', () => {
    expect(bathsSentence(60, null)).toMatch(/^Enough for one bath of /);
    expect(bathsSentence(1000, null)).toMatch(/^Enough for \d+\.\d–\d+\.\d baths of /);
  });
  it('pours, but where it is too wet', () => {
    expect(bathsSentence(60, 'in-window')).toMatch(/It pours from the jar\.$/);
    expect(bathsSentence(60, 'too-dry')).toMatch(/It pours from the jar\.$/);
    expect(bathsSentence(60, 'too-wet')).toMatch(/too damp to pour/);
  });
});

describe('the surface of the water', () => {
  const said = (of: Record<string, unknown>) => surfaceSentence(surface(of), 'bath-bomb');

  it('is not said of what runs off', () =>
    expect(surfaceSentence(surface({}), 'shower-steamer')).toMatch(/run off with the water/));
  it('has foam where any can be, and whose trials say so', () => {
    expect(said({ foamL: spread(0, 0) })).toMatch(/^No foam\./);
    expect(said({ foamL: spread(0, 0.1) })).toMatch(/^Foam up to 1\.0–3\.0 cm deep\./);
    expect(said({ ownTrials: 1 })).toMatch(/deep, by 1 test of yours\./);
  });
  it('has a film once one can be seen', () => {
    expect(said({ filmGM2: 0.5 })).toMatch(/No oil film\./);
    expect(said({ filmGM2: 0.51 })).toMatch(/Oil film of 0\.5 g\/m²\./);
  });
  it('has a scent where there is one', () => {
    expect(said({})).toMatch(/No scent\.$/);
    expect(said({ scentMgL: 12.34 })).toMatch(/Scent of 12\.3 mg\/L\.$/);
  });
});
