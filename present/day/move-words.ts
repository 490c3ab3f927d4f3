import { partsOfStepId } from '@/core/basics/ids';
import type { Leaving } from '@/core/clean/leaving';
import type { Home } from '@/core/home/room';
import { movesAt } from '@/core/work/new-homes';
import type { CleanTask } from '@/core/work/tasks';
import { REASON_WORDS, wordsOfSpot } from '../supplies/leaving-words';

type House = { readonly home: Home; readonly leaving: Pick<Leaving, 'homes'> };

/** What gets another place at a step: `Muesli bowls go to Kitchen: Wall cupboards, by the window (there is more room).` */
export function movesAtStep(task: CleanTask, stepId: string, { home, leaving }: House): string[] {
  const { leaves, comes } = movesAt(task, partsOfStepId(stepId)?.key ?? '', leaving.homes);
  return [
    ...leaves.map(({ what, to, why }) => `To ${wordsOfSpot(to, home)}: ${what} (${REASON_WORDS[why]}).`),
    ...comes.map(({ what, from }) => `Comes here from ${wordsOfSpot(from, home)}: ${what}.`),
  ];
}
