export {
  GOOD_SHARE,
  USELESS_SHARE,
  expectedLoss,
  goneShare,
  jugForecast,
  jugPlan,
  readJug,
} from './jug';
export type {
  ExpectedLoss,
  JugAnswer,
  JugPlan,
  JugProblem,
  JugQuestion,
  JugReading,
  JugResult,
} from './jug';
export {
  RESPONSES,
  RESPONSE_WORDS,
  bodyOfCup,
  baseOf,
  ladderAnswer,
  ladderCups,
  ladderSchema,
  valueOf,
} from './ladder';
export type {
  Ladder,
  LadderAnswer,
  LadderCup,
  LadderEffect,
  LadderFactor,
  LadderProblem,
  LadderQuestion,
  LadderResult,
  Response,
} from './ladder';
export { KIND_WORDS, TRIAL_KINDS, usualKind } from './kinds';
export type { TrialKind } from './kinds';
export { SEEN_ROWS, seenRow, seenRowsOf } from './seen';
export type { SeenRow, SeenWhat } from './seen';
export { MOST_JUG_S, MOST_READINGS, PHASES, VERDICTS, WHYS } from './kinds';
export { trialEntrySchema, trialSchema } from './schema';
export type { NewTrialEntry, Trial, TrialEntry, TrialEntryOf } from './schema';
export type { Phase, Verdict, Why } from './kinds';
export { isForgotten, nextPhase, phaseProblem, phaseS, runningS } from './phases';
export type { PhaseProblem } from './phases';
export {
  readingIn,
  standingIn,
  startAgain,
  startTrial,
  strikeIn,
  turnStruck,
  undoIn,
  writeIn,
} from './write';
export type { TrialStart } from './write';
export {
  densityOf,
  goneSecondsOf,
  keptShare,
  jugOf,
  jugShares,
  lessonOf,
  shippedFor,
  taughtByTrials,
  triedBatches,
} from './taught';
export type { Lesson, TriedBatch } from './taught';
export { colorByCard, stripAround } from './waterColor';
export type { ColorResult, Rgb } from './waterColor';
export { JUG_TEMP_C, startProblem } from './startProblem';
export type { StartProblem } from './startProblem';
