import type { NewHome, Spot } from '../clean/leaving';
import { isAtPlace, keyAtPlace } from './place-of-job';
import type { CleanTask } from './task';

/** What leaves a place, and what comes to it, where a step empties it or fills it. */
export type MovesHere = { readonly leaves: readonly NewHome[]; readonly comes: readonly NewHome[] };

/** The new homes that concern a step: all of a fixture with its first one, those of one place where that is a step. */
export function movesAt(task: CleanTask, key: string, homes: readonly NewHome[]): MovesHere {
  const isHere = (spot: Spot) => spot.fixture === task.fixture.id && isStepOf(task, key, spot);
  return {
    leaves: homes.filter(({ from }) => isHere(from)),
    comes: homes.filter(({ from, to }) => isHere(to) && !isHere(from)),
  };
}

function isStepOf({ method, part }: CleanTask, key: string, { place }: Spot): boolean {
  if (method.kind !== 'belongings') return false;
  const first = method.steps.find(({ mode }) => mode === 'hands')?.key;
  if (isAtPlace(key) && place !== undefined) return key === keyAtPlace(place);
  const isAnother = part !== undefined && place !== undefined && place !== part.number;
  return !isAnother && key === first;
}
