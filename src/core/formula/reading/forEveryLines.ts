import { addRow, ask, type Found, type Waiting } from './found';
import { timesLine } from '../model/parts';
import { timesIn } from './forEvery';
import { formatUpTo } from '@/core/basics/format/numbers';
import { readLine } from './readLine';
import type { Part } from '../model/schema';

/**
 * `1 tsp kaolin for every 3 cups of baking soda`, times as often as the recipe holds them. A base that the
 * recipe does not hold yet is taken as a line of its own where the base stands first.
 */
export function takeForEvery(found: Found, { each, per, raw, number, part }: Waiting): void {
  if (each === '') {
    addRow(found, number, raw, 'line', [takeOne(found, part, number, per)]);
    return;
  }
  const isFirst = /^\W*for\b/i.test(raw.trim());
  const base =
    isFirst && !timesIn(per, part.lines, found.known).ok ? [takeOne(found, part, number, per)] : [];
  const times = timesIn(per, part.lines, found.known);
  if (!times.ok) {
    found.sawAmount = true;
    const id = ask(found, number, raw, { reason: times.reason, choices: [], partId: part.id });
    addRow(found, number, raw, 'unread', [...base, id]);
    return;
  }
  const before = part.lines.length;
  const id = takeOne(found, part, number, each);
  addRow(found, number, raw, part.lines.length > before ? 'line' : 'unread', [...base, id]);
  const line = part.lines[before];
  if (!line) return;
  part.lines[before] = { ...timesLine(line, times.factor), written: raw.trim() };
  found.remarks.push(
    `Line ${number}: “${each.trim()}” counts ${formatUpTo(times.factor, 2)} times, by the ${times.of} in the recipe.`,
  );
}

function takeOne(found: Found, part: Part, number: number, text: string): string {
  const reading = readLine(text, found.known);
  if (reading.kind === 'unread') {
    found.sawAmount ||= reading.hadAmount;
    return ask(found, number, text, { ...reading, partId: part.id });
  }
  found.sawAmount = true;
  part.lines.push({ ...reading.line, written: text.trim() });
  if (reading.remark) found.remarks.push(`Line ${number}: ${reading.remark}`);
  return reading.line.id;
}
