import { counted } from '@/core/basics/format/numbers';
import { useGoodsStore } from './goods';
import { useSavingStore } from './saving';

const said = new Set<string>();

/**
 * Two tabs or devices can wrap or hand over the same pieces at one moment: both moves stay, and both sides hear of it.
 * Asked when goods came from elsewhere; never says the same twice.
 */
export function sayOverdrafts(): void {
  const fresh = useGoodsStore().overdrafts.filter(
    ({ code, short }) => !said.has(`${code} ${short}`),
  );
  for (const { code, short } of fresh) said.add(`${code} ${short}`);
  useSavingStore().say(
    fresh.map(
      ({ code, short }) =>
        `${code}: ${counted(short, 'piece')} more left than there were. Two tabs or devices may have wrapped or handed over the same ones. Undo one of them on Pack, under Stock.`,
    ),
  );
}
