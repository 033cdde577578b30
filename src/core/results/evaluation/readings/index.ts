import type { Examined, JudgedReadings, ReadingId } from '../types';
import { withSafeFix } from '../safeFix';
import { judgeDamp } from './damp';
import { judgeFreeWater } from './freeWater';
import { judgeGas } from './gas';
import { judgeRatio } from './ratio';
import { judgeRoom } from './room';
import { judgeEmulsifier, judgeScent } from './scent';
import type { Judge } from './judge';
import { judgeWater } from './water';

/** The registry: a reading more is a line here, and the compiler names who else has to know of it. */
const JUDGES: Readonly<Record<ReadingId, Judge>> = {
  ratio: judgeRatio,
  gas: judgeGas,
  damp: judgeDamp,
  'free-water': judgeFreeWater,
  scent: judgeScent,
  emulsifier: judgeEmulsifier,
  water: judgeWater,
  room: judgeRoom,
};

const ENTRIES = Object.entries(JUDGES) as ReadonlyArray<readonly [ReadingId, Judge]>;

/** Every reading judged, once. */
export function judge(examined: Examined): JudgedReadings {
  return Object.fromEntries(
    ENTRIES.map(([id, judgeOne]) => {
      const judged = judgeOne(examined);
      const findings = judged.findings.map((finding) => withSafeFix(finding, examined));
      return [id, { ...judged, findings }];
    }),
  ) as unknown as JudgedReadings;
}

export { closedPack } from './freeWater';
export { READING_WORDS, sayReading } from './messages';
