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
