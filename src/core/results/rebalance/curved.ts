import { dampOf, dampSums, type DampReading } from '../binder/damp';
import { freeWaterLimitsPct, gasShareOf } from '../binder/freeWater';
import { sumReactants } from '@/core/matter/chemistry/stoichiometry';
import { dampWindowIn } from '../conditions/dampWindowIn';
import { compositionG, sharesOf } from '../fizz/composition';
import { recessionMmS } from '../fizz/erosion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { packedDensityGMl } from '../fizz/packedDensity';
import { keyOf, type Clash } from './clash';
import { additive } from './additive';
import type { Variable } from './variables';
import type { Question } from './windows';

/** A window that bends in grams: it is met where `at` is 0 or more. */
export interface Curved {
  readonly group: string;
  readonly clash: Clash;
  /** In points of its own reading, over or under its edge. @param x grams of each variable */
  readonly at: (x: readonly number[]) => number;
}

const LONGER = 1.25;
/** A drier mix is not left on the edge of its wish. */
const DRIER = 0.49;

/** Damp and free water of the main mix, and how long it fizzes. */
export function curvedWishes(question: Question): readonly Curved[] {
  return [...damp(question), ...freeWater(question), ...longer(question)];
}

/** Window to end in: its lower half where a drier mix is wished. */
export function aimedWindow(question: Question, reading: DampReading) {
  const { body, conditions, wishes, inside } = question;
  const { lowPct, aimPct, highPct } = dampWindowIn(conditions, body, reading);
  const room = (highPct - lowPct) * inside.share;
  return {
    lowPct: lowPct > 0 ? lowPct + room : -Infinity,
    highPct: wishes.ids.includes('drier') ? (lowPct + aimPct) / 2 : highPct - room,
  };
}

const reactingSums = (portions: readonly Portion[]) => sumReactants(reactantsOf(portions));
const isMain = (variable: Variable): boolean => variable.isMain;

function mainDamp({ variables }: Question) {
  return additive(variables, (portions) => dampSums(portions), isMain);
}

function damp(question: Question): readonly Curved[] {
  const { wishes, evaluation } = question;
  const { lowPct, highPct } = evaluation.binder.window;
  const clash: Clash = { code: 'damp', isDrier: wishes.ids.includes('drier'), lowPct, highPct };
  const mainAt = mainDamp(question);
  const at = (side: 'low' | 'high') => (x: readonly number[]) => {
    const reading = dampOf(mainAt(x));
    if (reading.dampIndexPct === null) return 0;
    const window = aimedWindow(question, reading);
    return side === 'low'
      ? reading.dampIndexPct - window.lowPct
      : window.highPct - reading.dampIndexPct;
  };
  const group = keyOf(clash);
  const ends = lowPct > 0 ? (['low', 'high'] as const) : (['high'] as const);
  return ends.map((end) => ({ group, clash, at: at(end) }));
}

function freeWater(question: Question): readonly Curved[] {
  const { conditions, evaluation, variables, wishes, inside } = question;
  const now = evaluation.binder.freeWaterPct;
  const wishedPct = wishes.ids.includes('drier') ? DRIER * now : Infinity;
  const mainAt = mainDamp(question);
  const reactingAt = additive(variables, reactingSums, isMain);
  const massAt = additive(variables, (portions) => ({ massG: portionsG(portions) }), isMain);
  const clash: Clash = { code: 'free-water' };
  return [
    {
      group: keyOf(clash),
      clash,
      at: (x) => {
        const gas = gasShareOf(reactingAt(x), massAt(x).massG);
        const { easyPct } = freeWaterLimitsPct(conditions.humidityPct, gas);
        const mostPct = Math.min(easyPct * (1 - inside.share), wishedPct);
        return Math.min(mostPct, MOST_PCT) - dampOf(mainAt(x)).freeWaterPct;
      },
    },
  ];
}

/** Where nothing can swell there is no limit; a number all the same, so that it can be differenced. */
const MOST_PCT = 100;

function longer(question: Question): readonly Curved[] {
  const { wishes, variables, conditions, body } = question;
  if (!wishes.ids.includes('longer-fizz')) return [];
  const reactingAt = additive(variables, reactingSums);
  const gramsAt = additive(variables, compositionG);
  const logSpeed = (x: readonly number[]): number | null => {
    const { acidMol, baseMol } = reactingAt(x);
    if (!(baseMol > 0 && acidMol > 0)) return null;
    return Math.log(
      recessionMmS({
        ...sharesOf(gramsAt(x)),
        packedDensityGMl: packedDensityGMl(body.method).best,
        baseToAcid: baseMol / acidMol,
        waterTempC: conditions.tub.tempC,
      }).best,
    );
  };
  const before = logSpeed(variables.map(({ massG }) => massG));
  if (before === null) return [];
  const clash: Clash = { code: 'wish', id: 'longer-fizz' };
  const wanted = before - Math.log(LONGER);
  return [{ group: keyOf(clash), clash, at: (x) => wanted - (logSpeed(x) ?? before) }];
}
