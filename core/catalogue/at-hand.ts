import type { Method, MethodStep } from './method';
import type { MachineKind } from './work-kinds';

/** What a household has at hand, by which a job is done in one way or another. */
export type AtHand = {
  readonly machines: readonly MachineKind[];
  /** Only one set of bedding for each bed: it is made again with what came off it. */
  readonly singleBedding: boolean;
  readonly singleTowels: boolean;
  /** What the washing machine takes of dry cotton, in kilograms. */
  readonly washerKg: number;
  /** No two who may lift are ever there at the same time. */
  readonly alone: boolean;
};

/**
 * The method as it is done in a household: without the steps that are for what isn't there, or for those who have it. The
 * very same method where all of it holds; one without any step by hand is no job there at all.
 */
export function methodAtHand(method: Method, atHand: Ways): Method {
  if (method.steps.every((step) => step.when === undefined)) return method;
  return {
    ...method,
    steps: method.steps.filter((step) => holds(step, atHand)),
    ...(method.steps.some(({ when }) => when?.alone !== undefined) && { forOneOrTwo: true }),
  };
}

/** What decides in which way a job is done. */
type Ways = Pick<AtHand, 'machines' | 'singleBedding' | 'singleTowels' | 'alone'>;

/** Things of which a household may have just one set. */
const SETS = ['singleBedding', 'singleTowels'] as const;

function holds({ when }: MethodStep, { machines, alone, ...sets }: Ways): boolean {
  if (!when) return true;
  return (
    (when.has ?? []).every((kind) => machines.includes(kind)) &&
    !(when.lacks ?? []).some((kind) => machines.includes(kind)) &&
    SETS.every((set) => when[set] === undefined || when[set] === sets[set]) &&
    (when.alone === undefined || when.alone === alone)
  );
}
