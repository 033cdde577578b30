export { planProblemSchema } from './problem';
export type {
  PlanAnswer,
  PlanJob,
  PlanPerson,
  PlanProblem,
  PlanResult,
  PlanStep,
  PlannedStep,
} from './problem';
export { planJobs } from './planJobs';
export type { PlanMeans } from './planJobs';
export { kindOfStep, stepsFor } from './steps';
export type { StepFacts, StepKind } from './steps';
export { mixFactor, pressMinutesEach } from './learned';
export { doneBetween } from './doneBetween';
export type { Deed } from './doneBetween';
export { moldUse, piecesAtOnce } from './moldUse';
export type { MoldUse } from './moldUse';
export { narrowPlace } from './narrow';
export type { NarrowPlace } from './narrow';
export { problemFor } from './fromOrders';
export type { OrdersQuestion, PlanLock } from './fromOrders';
export { ORDER_STATE_WORDS, coverOrders, orderState } from './cover';
export type { Cover, CoverQuestion, CoveredLine, CoveredOrder, OrderState, ToMake } from './cover';
export { latestPressMs, lockProblem } from './locked';
