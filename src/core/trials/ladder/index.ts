export { featuresOf, gridOf } from './features';
export { layOut, meanVarianceOf } from './layOut';
export type { Layout, LayoutQuestion } from './layOut';
export { RESPONSES, RESPONSE_WORDS, ladderSchema } from './schema';
export type { Ladder, LadderCup, LadderFactor, Response } from './schema';
export { ladderAnswer } from './answer';
export type { LadderAnswer, LadderEffect } from './answer';
export { baseOf, bodyOfCup, holds, ladderCups, placeOf, valueOf } from './cups';
export type { LadderProblem, LadderQuestion, LadderResult } from './cups';
