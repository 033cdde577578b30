export {
  GOOD_SHARE,
  JUG_TEMP_C,
  USELESS_SHARE,
  expectedLoss,
  goneShare,
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
