import { isFromTap } from '../catalogue/products';
import type { ThingName } from '../home/thing-names';
import type { CleanTask } from '../work/task';
import { type MixingCard, type Mixture, mixingCard, mixturesInTurn, type Vessels } from './amounts';
import { clothsFor, thingsFor, wornOutAt, type Zone } from './things';

/** What is carried into the room before a session, so that nobody has to leave it. */
export type Kit = {
  readonly tools: readonly string[];
  readonly cards: readonly MixingCard[];
  /** Used as they are. */
  readonly neat: readonly Mixture[];
  readonly things: readonly { readonly thing: ThingName; readonly count: number }[];
  readonly cloths: readonly { readonly zone: Zone; readonly count: number }[];
};

/** Counted among the things already. */
const COUNTED = /cloth|glove|mask|sponge|^pads?$|^bags?( |$)/;

/** For the tasks of one session, in the order in which they are begun. */
export function kitFor(tasks: readonly CleanTask[], vessels: Vessels): Kit {
  const mixtures = mixturesInTurn(tasks, vessels);
  return {
    tools: [...new Set(tasks.flatMap((task) => task.method.tools))]
      .filter((tool) => !COUNTED.test(tool))
      .sort(),
    cards: mixtures.flatMap((mixture) => mixingCard(mixture, vessels) ?? []),
    neat: mixtures.filter((mixture) => mixture.fillMl === undefined && !isFromTap(mixture.product)),
    things: [...thingsFor(tasks).filter(({ thing }) => thing !== 'cloths'), ...wornOutAt(tasks)],
    cloths: clothsFor(tasks),
  };
}
