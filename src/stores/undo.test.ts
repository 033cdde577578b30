import { beforeEach, describe, expect, it } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { useUndoStore } from './undo';

let workshop: ReturnType<typeof openShop>;
let undo: ReturnType<typeof useUndoStore>;

beforeEach(() => {
  workshop = openShop();
  undo = useUndoStore();
  undo.at('shelf');
});
const settled = () => Promise.resolve();
const lot = () => {
  const [one] = workshop.lots;
  if (!one) throw new Error('the sample has lots');
  return one;
};

describe('undo of what has none of its own', () => {
  it('brings back what was removed, as it was, and removes it again', async () => {
    const was = lot();
    workshop.remove('lots', [was.id]);
    await settled();
    expect(undo.canUndo).toMatchObject({ name: `Removed ${was.code}`, isRemoval: true });
    expect(undo.removed).toBe(undo.canUndo);
    undo.undo();
    expect(workshop.find('lots', was.id)).toBe(was);
    expect([undo.canUndo, undo.removed]).toEqual([null, null]);
    undo.redo();
    expect(workshop.find('lots', was.id)).toBeNull();
  });

  it('takes back a change and an addition, the last one first', async () => {
    const was = lot();
    const next = { ...was, note: 'opened' };
    workshop.put('lots', [next]);
    await settled();
    workshop.put('lots', [{ ...was, id: 'new', code: 'X-1' }]);
    await settled();
    expect(undo.canUndo?.name).toBe('Added X-1');
    undo.undo();
    expect(workshop.find('lots', 'new')).toBeNull();
    expect(undo.canUndo?.name).toBe(`Changed ${was.code}`);
    undo.undo();
    expect(workshop.find('lots', was.id)).toBe(was);
    undo.redo();
    expect(workshop.find('lots', was.id)).toBe(next);
  });

  it('takes what was written in one go as one act', async () => {
    const [first, second] = workshop.molds;
    if (!first || !second) throw new Error('the sample has molds');
    workshop.remove('molds', [first.id, second.id]);
    await settled();
    undo.undo();
    expect(workshop.find('molds', first.id)).toBe(first);
    expect(workshop.find('molds', second.id)).toBe(second);
    expect(undo.canUndo).toBeNull();
  });

  it('says so, and does nothing, where the record was changed since', async () => {
    const was = lot();
    workshop.put('lots', [{ ...was, note: 'mine' }]);
    await settled();
    const theirs = { ...was, note: 'theirs' };
    workshop.onWrite(() => undefined);
    workshop.put('lots', [theirs]);
    undo.undo();
    expect(undo.problem).toBe(`Couldn’t undo “Changed ${was.code}”. It was changed since.`);
    expect(workshop.find('lots', was.id)).toBe(theirs);
  });

  it('belongs to the screen it was done on', async () => {
    workshop.remove('lots', [lot().id]);
    await settled();
    undo.at('calendar');
    expect(undo.canUndo).toBeNull();
    undo.at('shelf');
    expect(undo.canUndo).not.toBeNull();
  });

  it('leaves alone what has an undo of its own: sold goods, the record of a batch, a formula being changed', async () => {
    const [move] = workshop.goods;
    const [batch] = workshop.batches;
    const [formula] = workshop.formulas;
    if (!move || !batch || !formula) throw new Error('the sample has all of them');
    workshop.put('goods', [{ ...move, voidedAt: new Date().toISOString() }]);
    workshop.put('lots', [{ ...lot(), note: 'goes with the goods' }]);
    await settled();
    expect(undo.canUndo).toBeNull();
    workshop.remove('molds', [workshop.molds[0]?.id ?? '']);
    await settled();
    expect(undo.canUndo).not.toBeNull();
    // What was weighed may stand on it.
    workshop.putBatch({ ...batch, finishedAt: null });
    await settled();
    expect([undo.canUndo, undo.removed]).toEqual([null, null]);
    workshop.putFormula({ ...formula, name: 'Another' });
    await settled();
    expect(undo.canUndo).toBeNull();
    workshop.removeFormula(formula.id);
    await settled();
    expect(undo.canUndo?.name).toBe('Removed Another');
  });
});
