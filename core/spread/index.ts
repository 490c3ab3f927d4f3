// Spreads the tasks of a problem over its people, dates and machines, and tells what is to be known of a plan.

export { checkPlan, describeViolation } from './check/check';
export { brokenWishesOf } from './cost/broken-wishes';
export { bestPlan } from './draft/best-plan';
export { type Board, isFixedEntry, type Obstacle } from './draft/board';
export { Draft } from './draft/draft';
export { earlierPlaces } from './draft/earlier';
export { placeCluster } from './draft/place';
export { isSettled, type Model, modelOf, type Task } from './model/model';
export { indexLinks } from './model/step-order';
export { type BestSoFar, type PlanOptions, plan } from './plan';
export { replan } from './replan';
export { soonestDate } from './words/bounds';
export { type WhyThen, whyThen } from './words/why-then';
