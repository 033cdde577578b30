import { coloring } from './mixing';
import { linesOf, waiting, type Cook } from './cook';
import { clumps } from './routes';
import type { Operation } from './types';
import { wetting } from './wetting';

/** Covered, until they look dry again. Common practice. */
const SOAK_MIN = 60;
const SOAK_MAX_MIN = 120;

/**
 * Loose salts: scent onto the carrying salts alone, soaked covered; then the powders through the sieve, color, soda
 * and acid last. Nothing fizzes while the scent soaks in. Common practice.
 */
export function looseMixing(cook: Cook): readonly Operation[] {
  const bowl = cook.in('bowl');
  const beaker = cook.in('beaker');
  const dish = cook.in('dish');
  const wet = wetting(cook, beaker);
  const coarse = cook.by('coarse');
  const salts = linesOf(coarse.filter(({ material }) => material.role === 'salt'));
  const grains = linesOf([
    ...coarse.filter(({ material }) => material.role !== 'salt'),
    ...cook.by('floor', 'top'),
  ]);
  const isSoaked = salts.length > 0 && wet.isAny;
  const powders = cook.by('powder');
  const fillers = linesOf(powders.filter(({ material }) => material.role !== 'base'));
  const sodas = linesOf(powders.filter(({ material }) => material.role === 'base'));
  const sieved = linesOf(powders.filter(({ material }) => clumps(material)));
  const wetIn = [
    ...wet.beaker,
    ...cook.weigh(linesOf(cook.by('spray')), beaker),
    cook.op('mix', 'mix-salts', bowl, { from: beaker }),
  ];
  const isWet = wet.isAny || cook.by('spray').length > 0;
  return [
    ...wet.infusing,
    ...wet.heating,
    ...cook.weigh(salts, bowl),
    ...(isSoaked
      ? [
          ...wetIn,
          cook.op('soak', 'soak', bowl, {
            lines: salts,
            ...waiting(cook.waits.soak, SOAK_MIN, SOAK_MAX_MIN),
          }),
        ]
      : []),
    ...(fillers.length + sodas.length > 0
      ? [
          ...cook.weigh([...fillers, ...sodas], dish),
          ...(sieved.length > 0 ? [cook.op('sieve', 'sieve', dish, { lines: sieved })] : []),
          cook.op('pour', 'pour-powders', bowl, { from: dish }),
        ]
      : []),
    ...(isWet && !isSoaked ? wetIn : []),
    ...cook.weigh([...grains, ...linesOf(cook.by('foam'))], bowl),
    ...coloring(cook, bowl, new Set()),
    ...cook.weigh(linesOf(cook.by('acid')), bowl),
    cook.op('mix', 'mix-loose', bowl),
  ];
}
