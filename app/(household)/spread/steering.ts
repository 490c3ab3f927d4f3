import {
  explainPlace,
  moveWholeSession,
  moveWork,
  redoSteering,
  steerPlan,
  undoSteering,
} from '@/app/actions/steer';
import type { SteeringActions } from '@/ui/spread/steering-actions';

/** How the plan is bent by hand, for the pages on which it is. */
export const STEERING: SteeringActions = {
  move: moveWork,
  moveSession: moveWholeSession,
  steer: steerPlan,
  why: explainPlace,
  undo: undoSteering,
  redo: redoSteering,
};
